<x-page :title="__('Practise: the scale')" stage="practise">
  <div class="hd">
    <h1>{{ __('What does the scale say?') }}</h1>
    <span class="sub"><a href="{{ route('practise.face') }}">{{ __('Practise estimating faces') }}</a></span>
  </div>
  <p class="sub">
    {{ __('Sample :n. Read the water where dark meets light. This instrument does not correct for temperature; the application does.', ['n' => $number]) }}
  </p>
  <x-drawing.wide :of="$picture" />
  @if ($told)
    <p class="big my-2" role="status">
      {{ __('The scale shows :truth. You read :guess.', ['truth' => $f->water($told->truth), 'guess' => $f->water($told->guess)]) }}
    </p>
    <p>
      {{ __('Your reading at :t means :corrected water at :norm. The honey has :water.', [
          'norm' => $f->celsius(20.0),
          't' => $f->celsius($scale->temperatureC),
          'corrected' => $f->water($scale->corrected($told->guess)),
          'water' => $f->water($scale->waterPct),
      ]) }}
    </p>
    <div class="btns"><a class="btn go" id="next-one" href="{{ route('practise.scale') }}">{{ __('Next sample') }}</a>
    </div>
  @else
    @can('record')
      <x-form :action="route('practise.scale.guess')" class="flex gap-3 items-end mt-4 mb-3 max-w-115">
        <x-hidden :of="['number' => $number]" />
        <x-field
          name="guess"
          type="number"
          min="10"
          max="30"
          step="any"
          inputmode="decimal"
          :label="__('Water as read, %')"
          required
          autofocus
        />
        <button class="btn go">{{ __('Send my reading') }}</button>
      </x-form>
    @endcan
  @endif
  <x-slot:why>
    <p class="lab">{{ __('Your readings') }}</p>
    @if ($off === null)
      <h2 class="say">{{ __('No sample read yet.') }}</h2>
    @else
      <h2 class="say">
        {{ __(':n samples, :b points off on average.', ['n' => $off->count, 'b' => sprintf('%+.2f', $off->bias)]) }}
      </h2>
      <section>
        <dl>
          <dt>{{ __('Spread') }} <x-term of="spread" /></dt>
          <dd>{{ $off->spread === null ? '–' : number_format($off->spread, 2) }}</dd>
        </dl>
      </section>
      <x-drawing.wide :of="$plot" />
    @endif
    <section>
      <h3>{{ __('Why the temperature matters') }}</h3>
      <p>
        {{ __('Warm honey bends light less, so a scale made for :norm shows about :more too much per :step.', [
            'norm' => $f->celsius(20.0),
            'more' => '0.1 %',
            'step' => $f->degrees(1.0),
        ]) }}
      </p>
    </section>
  </x-slot:why>
</x-page>
