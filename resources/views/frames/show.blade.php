@php($apiary = $frames->apiary)
<x-page :title="__('Frames') . ': ' . $apiary->name" stage="clear" :yard="$apiary->slug">
  <div class="hd">
    <h1>{{ __('Frame by frame: :yard', ['yard' => $apiary->name]) }}</h1>
    <span class="sub"><a href="{{ route('clear.yard', $apiary->slug) }}">{{ __('whole supers') }}</a></span>
  </div>
  @if ($frames->all === [])
    <p class="empty">
      {{ __('This yard has no hive with boxes yet.') }}
      <a class="link" href="{{ route('yards.yard', $apiary->slug) }}">{{ __('Add the first hive') }}</a>
    </p>
  @else
    <form
      method="get"
      action="{{ route('frames.yard', $apiary->slug) }}"
      id="choose-frames"
      hx-get="{{ route('frames.yard', $apiary->slug) }}"
      hx-trigger="change delay:150ms"
      hx-target="#frames-sum"
      hx-select="#frames-sum"
      hx-swap="outerHTML"
    >
      <input type="hidden" name="calculate" value="1" />
      @foreach ($frames->hives as $hive)
        <input type="hidden" name="shown[]" value="{{ $hive->hive->code }}" />
      @endforeach
      <fieldset
        class="choosehives"
        hx-get="{{ route('frames.yard', $apiary->slug) }}"
        hx-include="#choose-frames"
        hx-trigger="change consume"
        hx-target="#work"
        hx-select="#work"
        hx-swap="outerHTML"
      >
        <legend>{{ __('Hives') }}</legend>
        @foreach ($frames->all as $code)
          <label class="check">
            <input
              type="checkbox"
              name="hives[]"
              value="{{ $code }}"
              @checked($frames->isOpen($code))
            > {{ $code }}
          </label>
        @endforeach
        <button class="btn small" name="open" value="1">{{ __('Show these') }}</button>
      </fieldset>
      @can('record')
        <p class="sub mousehint">{{ __('Drag a frame onto a gap, or onto another frame to swap them.') }}</p>
      @endcan
      @forelse ($frames->hives as $hive)
        @include('frames.hive')
      @empty
        <p class="empty">{{ __('No frame is ripe and free for harvest. Choose hives above to see their frames.') }}
        </p>
      @endforelse
      <div class="row">
        <x-field
          name="extractor"
          type="number"
          min="2"
          max="120"
          :label="__('Frames in the extractor')"
          :value="$sum->loads->rotor"
        />
        <button class="btn">{{ __('Calculate') }}</button>
      </div>
    </form>
    @include('frames.sum')
    @can('record')
      <x-form :action="route('frames.move', $apiary->slug)" data-putframes hidden>
        <input type="hidden" name="to" value="" />
      </x-form>
    @endcan
    <script src="/build/frames.js?{{ $assetVersion }}" type="module" nonce="{{ $nonce }}"></script>
  @endif
  <x-slot:why>
    <p class="lab">{{ __('Why these') }}</p>
    <h2 class="say">{{ __('Ripe, without brood, not needed for winter') }}</h2>
    <p>
      {{ __('Proposed: frames that are ripe, or are in a ripe super, while the hive keeps its winter stores.') }}
    </p>
    <p class="caution">
      {{ __('Honey in the brood box may be needed for winter, and treatments reach it: follow their label.') }}
    </p>
    <p class="caution">
      {{ __('Open hives attract robbers: cover taken frames at once. Carry what your doctor prescribed; do not work alone.') }}
    </p>
  </x-slot:why>
</x-page>
