<x-page :title="__('Practise: the scale')" stage="practise">
  <div class="hd"><h1>{{ __('What does the scale say?') }}</h1><span class="sub"><a href="{{ route('practise.face') }}">{{ __('Practise estimating faces') }}</a></span></div>
  <p class="sub">{{ __('Sample :n. Read the water where dark meets light. This instrument does not correct for temperature; the application does.', ['n' => $number]) }}</p>
  {!! App\Practise\Pictures::scale($scale, $told ? __('The boundary stands at :w at :t', ['w' => $f->water($scale->shownPct), 't' => $f->celsius($scale->temperatureC)]) : __('A field with a boundary on a scale from 13 to 25 % and a thermometer; it cannot be put into words without giving its answer away')) !!}
  @if ($told)
    <p class="big told" role="status">{{ __('It shows :truth. You read :guess.', ['truth' => $f->water($told->truth), 'guess' => $f->water($told->guess)]) }}</p>
    <p>{{ __('At :t that is :corrected of water at 20 °C by your reading; the honey has :water.', ['t' => $f->celsius($scale->temperatureC), 'corrected' => $f->water($scale->corrected($told->guess)), 'water' => $f->water($scale->waterPct)]) }}</p>
    <div class="btns"><a class="btn go" id="next-one" href="{{ route('practise.scale') }}">{{ __('Next sample') }}</a></div>
  @else
    @can('record')<x-form :action="route('practise.scale.guess')" class="answer"><input type="hidden" name="number" value="{{ $number }}">
      <x-field name="guess" type="number" min="10" max="30" step="any" inputmode="decimal" :label="__('Water as read, %')" required autofocus/><button class="btn go">{{ __('That is my reading') }}</button></x-form>@endcan
  @endif
  <x-slot:why><p class="lab">{{ __('Your readings') }}</p>
    @if ($pairs === [])<h2 class="say">{{ __('No sample read yet.') }}</h2>
    @else @php($errors_ = array_map(fn ($pair) => $pair[1] - $pair[0], $pairs))@php($bias = array_sum($errors_) / count($errors_))
      <h2 class="say">{{ __(':n samples, :b points off on average.', ['n' => count($pairs), 'b' => sprintf('%+.2f', $bias)]) }}</h2>
      <section><dl><dt>{{ __('Spread (sd)') }}</dt><dd>{{ count($errors_) > 1 ? number_format(sqrt(array_sum(array_map(fn ($e) => ($e - $bias) ** 2, $errors_)) / (count($errors_) - 1)), 2) : '–' }}</dd></dl></section>
      {!! App\Practise\Pictures::plot($pairs, [13.0, 25.0], __('Readings against truth for :n samples', ['n' => count($pairs)])) !!}
    @endif
    <section><h3>{{ __('Why the temperature matters') }}</h3><p>{{ __('Warm honey bends light less, so a scale made for 20 °C shows too much water: about 0.1 % a degree.') }}</p></section></x-slot:why>
</x-page>
