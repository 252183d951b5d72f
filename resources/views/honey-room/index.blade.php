<x-page
  :title="__('Honey room')"
  stage="honey-room"
  :yard="$yard"
  :wall="true"
>
  <x-slot:head>
    <script src="/build/bench.js?{{ $assetVersion }}" type="module" nonce="{{ $nonce }}"></script>
  </x-slot:head>
  <div class="hd">
    <h1>{{ $lots->isEmpty() ? __('The honey room is empty') : __('From the door to the shelf') }}</h1>
    <button
      class="btn"
      type="button"
      data-wake
      hidden
    >{{ __('Keep the screen on') }}</button>
  </div>
  @include('honey-room.tabs')
  @if ($lots->isEmpty())
    <p class="empty">{{ __('Supers come here when a clearing is collected.') }} <a class="link"
        href="{{ route('clear.index') }}"
      >{{ __('Plan the first clearing') }}</a></p>
  @else
    @include('honey-room.bench')
    <h2 class="blk">{{ __('Lots, newest first') }}</h2>
  @endif
  @foreach ($lots as $one)
    <section class="blk">
      <div class="hd">
        <h3><a href="{{ route('honey-room.lot', $one->id) }}">{{ $one->code }},
            {{ $one->harvest->apiary->name }}</a>
        </h3>
        <span class="sub">{{ $f->date($one->harvest->taken_on) }} ·
          {{ $say->taken($one->harvest->supers_count, $one->harvest->frames_count) }}</span>
      </div>
      @if ($one->pfund_mm !== null || $one->taste !== '' || $one->plants !== '')
        @include('honey-room.colour', ['lot' => $one])
      @endif
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
    <h2 class="say">{{ __('What came in first is spun first; what is too wet dries first.') }}</h2>
    <p>{{ __('What the buckets weigh is shared out to the hives as their supers were judged.') }}</p>
    <p>{{ __('Two people see each other\'s taps here within three seconds.') }}</p>
    <p class="caution">
      {{ __('Hot knives and moving rotors: lid shut, sleeves and hair tied. No honey to infants under 12 months. For sale: your food and labelling law.') }}
    </p>
  </x-slot:why>
</x-page>
