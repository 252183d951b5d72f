<x-page :title="__('Tanks and jars')" stage="honey-room" :wall="true">
  <x-slot:head>
    <script src="/build/bench.js?{{ $assetVersion }}" type="module" nonce="{{ $nonce }}"></script>
  </x-slot:head>
  <h1>{{ __('Tanks and jars') }}</h1>
  @include('honey-room.tabs')
  @if ($batches->isEmpty())
    <p class="empty">{{ __('No batch yet.') }}
      <a class="link" href="{{ route('honey-room.blend') }}">{{ __('Choose buckets under Blend') }}</a>
    </p>
  @else
    @if ($tanks !== null)
      <div class="max-w-80">
        <x-drawing.picture :of="$tanks" />
      </div>
    @endif
    <x-table class="stack" :head="[__('Batch'), __('Poured'), __('Water'), __('Clear'), __('In jars'), __('Left')]" num="2 3 5 6">
      @foreach ($batches as $state)
        <tr>
          <td data-label="{{ __('Batch') }}"><a class="link"
              href="{{ route('honey-room.batch', $state->batch->id) }}"><b>{{ $state->batch->code }}</b></a>
            {{ $state->batch->tank }}</td>
          <td class="num" data-label="{{ __('Poured') }}">{{ $f->kg($state->kg) }}</td>
          <td class="num" data-label="{{ __('Water') }}">{{ $f->water($state->waterPct) }}</td>
          <td data-label="{{ __('Clear') }}">{{ $f->moment($state->clearAt(), $zone) }}</td>
          <td class="num" data-label="{{ __('In jars') }}">{{ $f->kg($state->jarredKg) }}</td>
          <td class="num" data-label="{{ __('Left') }}">
            {{ $state->batch->closed_on ? __('done') : $f->kg($state->leftKg()) }}</td>
        </tr>
      @endforeach
    </x-table>
    <div class="btns blk">
      @if ($batches->previousPageUrl())
        <a class="btn" href="{{ $batches->previousPageUrl() }}">{{ __('Newer') }}</a>
        @endif @if ($batches->nextPageUrl())
          <a class="btn" href="{{ $batches->nextPageUrl() }}">{{ __('Older') }}</a>
        @endif
    </div>
  @endif
  <x-slot:why>
    <p class="lab">{{ __('Why') }}</p>
    <p>
      {{ __('A batch has one code on all its jars, so a jar leads back to its hives.') }}
    </p>
  </x-slot:why>
</x-page>
