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
    <h2 class="say">{{ __('What came in first is spun first; what is too wet dries first.') }}</h2>
    <p>{{ __('What the buckets weigh is shared out to the hives as their supers were judged.') }}</p>
    <p>{{ __('Two people see each other\'s taps here within three seconds.') }}</p>
    <p class="caution">
      {{ __('Hot knives and moving rotors: lid shut, sleeves and hair tied. No honey to infants under 12 months. For sale: your food and labelling law.') }}
    </p>
  </x-slot:why>
</x-page>
