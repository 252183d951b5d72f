<x-page
  :title="__('Lots')"
  stage="honey-room"
  :yard="$yard"
  :wall="true"
>
  <x-slot:head>
    <script src="/build/bench.js?{{ $assetVersion }}" type="module" nonce="{{ $nonce }}"></script>
  </x-slot:head>
  <div class="hd">
    <h1>{{ __('Lots, newest first') }}</h1>
  </div>
  @include('honey-room.tabs')
  @if ($lots->isEmpty())
    @include('honey-room.nothing')
  @endif
  @foreach ($lots as $one)
    <section class="blk">
      <div class="hd">
        <h2><a href="{{ route('honey-room.lot', $one->id) }}">{{ $one->code }},
            {{ $one->harvest->apiary->name }}</a>
        </h2>
        <span class="sub">{{ $f->date($one->harvest->taken_on) }} ·
          {{ $say->taken($one->harvest->supers_count, $one->harvest->frames_count) }}</span>
      </div>
      @if ($one->pfund_mm !== null || $one->taste !== '' || $one->plants !== '')
        @include('honey-room.colour', ['lot' => $one])
      @endif
      <div class="flex gap-6 flex-wrap items-end">
        <x-drawing.picture :of="$taken->all($one->harvest->supers)" />
        <x-drawing.wide :of="$row->of($one, (float) $one->harvest->judged_kg)" :name="$one->code" />
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
    <h2 class="say">{{ __('The buckets\' weight is shared out to hives') }}</h2>
    <p>{{ __('Dashed buckets are not weighed yet.') }}</p>
    <p class="caution">{{ __('For sale: your food and labelling law.') }}</p>
  </x-slot:why>
</x-page>
