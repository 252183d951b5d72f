<x-page :title="__('Honey room')" stage="honey-room" :wall="true">
  <x-slot:head>
    <script src="/build/bench.js?{{ $assetVersion }}" type="module" nonce="{{ $nonce }}"></script>
  </x-slot:head>
  <div class="hd">
    <h1>{{ $bench->isEmpty() ? __('The honey room is empty') : __('From the door to the shelf') }}</h1>
    <button
      class="btn"
      type="button"
      data-wake
      hidden
    >{{ __('Keep the screen on') }}</button>
  </div>
  @include('honey-room.tabs')
  @if ($bench->isEmpty())
    @include('honey-room.nothing')
  @else
    @include('honey-room.bench')
  @endif
  <x-slot:why>
    <p class="lab">{{ __('Why') }}</p>
    <h2 class="say">{{ __('First in, first extracted. Wet supers dry first.') }}</h2>
    <p>{{ __('The weight of the buckets is shared out to the hives.') }}</p>
    <p>{{ __('Each person sees the others\' taps within three seconds.') }}</p>
    <p class="caution">
      {{ __('Hot knives and moving rotors: lid shut, sleeves and hair tied. No honey for infants under 12 months. For sale: food and labelling law.') }}
    </p>
  </x-slot:why>
</x-page>
