@props(['yard' => null, 'date' => null, 'id' => 'weather-day'])
<x-form :action="route('clear.weather.store')" class="narrow">
  <div class="row">
    @if ($yard !== null || count($choices) === 1)
      <x-hidden :of="['yard' => $yard ?? array_key_first($choices)]" />
    @else
      <x-field
        name="yard"
        :id="$id . '-yard'"
        :label="__('Yard')"
        :options="$choices"
      />
    @endif
    <x-field
      name="date"
      type="date"
      :id="$id . '-date'"
      :label="__('Day')"
      :value="$date"
      required
    />
    <x-field
      name="rain"
      type="number"
      min="0"
      max="100"
      :id="$id . '-rain'"
      :label="__('Chance of rain, %')"
      required
    />
  </div>
  <div class="row">
    <x-field
      name="min"
      type="number"
      step="any"
      :id="$id . '-min'"
      :label="__('Lowest, :unit', ['unit' => $f->temperatureUnit()])"
    />
    <x-field
      name="max"
      type="number"
      step="any"
      :id="$id . '-max'"
      :label="__('Highest')"
    />
    <x-field
      name="sun"
      type="number"
      min="0"
      max="100"
      :id="$id . '-sun'"
      :label="__('Sun, %')"
    />
  </div>
  <p class="sub">
    {{ __('It holds for all yards within :way. What you leave out stays as it was known.', ['way' => $f->lengths->way(30.0)]) }}
  </p>
  <x-check name="alone" value="1">{{ __('only for this yard') }}</x-check>
  <button class="btn">{{ __('Use this day') }}</button>
</x-form>
