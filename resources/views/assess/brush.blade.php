<div data-live hidden>
  <div class="faces">
    @foreach ($looks->faces as $side => $face)
      <div class="face" data-face="{{ $side }}">
        <h3>
          {{ __('Face :side', ['side' => strtoupper($side)]) }}
          <span class="shares">
            @foreach (['capped', 'open', 'brood', 'empty'] as $what)
              <span>{{ __($what) }} <b data-share="{{ $what }}">0 %</b></span>
            @endforeach
          </span>
        </h3>
        <canvas
          tabindex="0"
          role="slider"
          aria-label="{{ __('Face :side: tenths capped', ['side' => strtoupper($side)]) }}"
          aria-valuemin="0"
          aria-valuemax="100"
          aria-valuenow="0"
          aria-orientation="vertical"
        ></canvas>
      </div>
    @endforeach
  </div>
  <div class="tenths paint">
    <span class="lab">{{ __('paint') }}</span>
    @foreach (['capped' => 'c', 'open' => 'o', 'brood' => 'b', 'pollen' => 'p'] as $what => $key)
      <button
        type="button"
        class="tool"
        data-tool="{{ $what }}"
        aria-pressed="{{ $loop->first ? 'true' : 'false' }}"
      >
        {{ __($what) }} <kbd aria-hidden="true">{{ $key }}</kbd>
      </button>
    @endforeach
  </div>
  <div class="tenths" role="group" aria-label="{{ __('Tenths of the face') }}">
    <span class="lab">{{ __('tenths of the face') }}</span>
    @foreach (range(0, 9) as $tenth)
      <button type="button" data-tenth="{{ $tenth }}">{{ $tenth }}</button>
    @endforeach
    <button type="button" data-tenth="10">{{ __('full') }} <kbd aria-hidden="true">f</kbd></button>
  </div>
  <div class="tenths" role="group" aria-label="{{ __('Rest of the face') }}">
    <span class="lab">{{ __('rest of the face') }}</span>
    @foreach (['empty' => 'e', 'open' => 'x'] as $how => $key)
      <button
        type="button"
        class="tool"
        data-rest="{{ $how }}"
        aria-pressed="false"
      >
        {{ __($how) }} <kbd aria-hidden="true">{{ $key }}</kbd>
      </button>
    @endforeach
  </div>
  <div class="tenths go3">
    <button type="button" class="tool" data-copy>{{ __('other face the same') }} <kbd
        aria-hidden="true">s</kbd></button>
    <button type="button" class="tool" data-back>{{ __('undo stroke') }} <kbd aria-hidden="true">u</kbd></button>
    <a class="btn go" href="{{ $opened->nextFrame() }}" data-next>{{ __('Next frame') }} <kbd
        aria-hidden="true">Enter</kbd></a>
  </div>
</div>
