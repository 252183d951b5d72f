<x-page
  :title="__('Honey room')"
  stage="honey-room"
  :yard="$yard"
  :wall="true"
>
  <h1>{{ $lots->isEmpty() ? __('The honey room is empty') : __('Lots, newest first') }}</h1>
  @include('honey-room.tabs')
  @if ($lots->isEmpty())
    <p class="empty">{{ __('Supers come here when a clearing is collected.') }} <a class="link"
        href="{{ route('clear.index') }}"
      >{{ __('Plan the first clearing') }}</a></p>
  @endif
  @foreach ($lots as $one)
    <section class="blk">
      <div class="hd">
        <h2><a href="{{ route('honey-room.lot', $one->id) }}">{{ $one->code }}, {{ $one->harvest->apiary->name }}</a>
        </h2>
        <span class="sub">{{ $f->date($one->harvest->taken_on) }} ·
          {{ $say->taken($one->harvest->supers_count, $one->harvest->frames_count) }}</span>
      </div>
      <div class="buckets">
        <x-drawing.picture :of="$row->of($one, (float) $one->harvest->judged_kg)" />
      </div>
    </section>
  @endforeach
  <div class="btns blk">
    @if ($lots->previousPageUrl())
      <a class="btn" href="{{ $lots->previousPageUrl() }}">{{ __('Newer') }}</a>
      @endif @if ($lots->nextPageUrl())
        <a class="btn" href="{{ $lots->nextPageUrl() }}">{{ __('Older') }}</a>
      @endif
  </div>
  <x-slot:why>
    <p class="lab">{{ __('Why') }}</p>
    <h2 class="say">{{ __('What the buckets weigh is shared out to the hives as their supers were judged.') }}</h2>
    <p class="caution">
      {{ __('Hot knives and moving rotors: lid shut, sleeves and hair tied. No honey to infants under 12 months. For sale: your food and labelling law.') }}
    </p>
  </x-slot:why>
</x-page>
