<x-page :title="__('Practise: the eye')" stage="practise">
  <div class="hd">
    <h1>{{ __('How much of this face is capped?') }}</h1>
    <span class="sub"><a href="{{ route('practise.scale') }}">{{ __('Practise reading a scale') }}</a></span>
  </div>
  <p class="sub">
    {{ __('Face :n. Solid: capped. Hatched: open honey. Blank: empty. Estimate the capped part of the whole face.', ['n' => $number]) }}
  </p>
  <x-drawing.picture :of="$picture" />
  @if ($told)
    <p class="big my-2" role="status">
      {{ __('Right: :truth. You said :guess.', ['truth' => $f->percent($told->truth), 'guess' => $f->percent($told->guess)]) }}
      <span class="soft">{{ __(':n points', ['n' => sprintf('%+.0f', 100 * ($told->guess - $told->truth))]) }}</span>
    </p>
    <div class="btns"><a class="btn go" id="next-one" href="{{ route('practise.face') }}">{{ __('Next face') }}</a>
    </div>
  @else
    @can('record')
      <x-form :action="route('practise.face.guess')" class="flex gap-3 items-end mt-4 mb-3 max-w-115">
        <x-hidden :of="['number' => $number]" />
        <x-field
          name="guess"
          type="number"
          min="0"
          max="100"
          step="any"
          inputmode="decimal"
          :label="__('Capped part, %')"
          required
          autofocus
        />
        <button class="btn go">{{ __('Send my estimate') }}</button>
      </x-form>
      <div class="tenths" role="group" aria-label="{{ __('Tenths') }}">
        @foreach (range(1, 9) as $tenth)
          <x-form :action="route('practise.face.guess')" class="inline">
            <x-hidden :of="['number' => $number]" />
            <x-hidden :of="['guess' => 10 * $tenth]" />
            <button>{{ 10 * $tenth }}<span class="sr"> %</span></button>
          </x-form>
        @endforeach
      </div>
    @else
      <p class="sub">{{ __('Your role may look, not practise. Ask the owner to make you a helper.') }}</p>
    @endcan
  @endif
  <x-slot:why>
    <p class="lab">{{ __('Your eye') }}</p>
    @if ($test === null)
      <h2 class="say">{{ __('Your eye is not known yet.') }}</h2>
      <p>
        {{ __('After :n faces you see whether you estimate too much or too little.', ['n' => $enough]) }}
      </p>
    @else
      <h2 class="say">
        @if (abs($test->bias) < 0.015)
          {{ __('Your estimates are right on average.') }}
        @elseif ($test->bias > 0)
          {{ __('You estimate :n points too much.', ['n' => round(100 * $test->bias)]) }}
        @else
          {{ __('You estimate :n points too little.', ['n' => round(-100 * $test->bias)]) }}
        @endif
      </h2>
      <section>
        <dl>
          <dt>{{ __('Faces') }}</dt>
          <dd>{{ $test->count }}</dd>
          <dt>{{ __('Bias') }} <x-term of="bias" /></dt>
          <dd>{{ sprintf('%+.1f', 100 * $test->bias) }}</dd>
          <dt>{{ __('Spread') }} <x-term of="spread" /></dt>
          <dd>{{ number_format(100 * $test->spread, 1) }}</dd>
        </dl>
      </section>
      <x-drawing.wide :of="$plot" />
      @if ($test->count < $enough)
        <p class="sub">{{ __(':n more, and a correction can be learnt.', ['n' => $enough - $test->count]) }}</p>
      @else
        <section>
          <h3>{{ __('Correction') }}</h3>
          <p>
            {{ __('Error :before points as estimated, :after after the correction.', [
                'before' => number_format(100 * $test->rmsBefore, 1),
                'after' => number_format(100 * $test->rmsAfter, 1),
            ]) }}
          </p>
          <p>
            {{ __('Your 25, 50 and 75 % become :a, :b and :c %.', [
                'a' => round(100 * $test->correction->share(0.25)),
                'b' => round(100 * $test->correction->share(0.5)),
                'c' => round(100 * $test->correction->share(0.75)),
            ]) }}
          </p>
          @can('record')
            <x-form :action="route('practise.eye')">
              <button class="btn">{{ $eye ? __('Use the newest correction') : __('Correct my inspections') }}</button>
            </x-form>
            @error('eye')
              <p class="err danger">{{ $message }}</p>
            @enderror
          @endcan
        </section>
      @endif
    @endif
    @if ($eye)
      <section>
        <h3>{{ __('In use') }}</h3>
        <p>
          {{ __('Your inspections are corrected by :n points at half capped (from :tries faces).', [
              'n' => sprintf('%+.0f', 100 * $eye->offset),
              'tries' => $eye->tries,
          ]) }}
        </p>
        @can('record')
          <x-form :action="route('practise.eye.drop')" method="delete">
            <button class="btn small">{{ __('Stop the correction') }}</button>
          </x-form>
        @endcan
      </section>
    @endif
  </x-slot:why>
</x-page>
