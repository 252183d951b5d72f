<section class="blk">
  <h2>{{ __('Refractometer') }}</h2>
  @foreach ($opened->instruments as $instrument)
    @if ($instrument->address)
      <x-form :action="route('assess.readings.instrument', $box->id)">
        <x-hidden :of="['instrument' => $instrument->id]" />
        <button class="btn">{{ __('Read from :name', ['name' => $instrument->name]) }}</button>
      </x-form>
    @endif
  @endforeach
  @error('instrument')
    <p class="err danger">{{ $message }}</p>
  @enderror
  <x-form :action="route('assess.readings.store', $box->id)">
    <x-hidden :of="['seen_on' => $opened->on]" />
    <div class="row">
      <x-field
        name="value"
        type="number"
        step="any"
        :label="__('Reading')"
        required
      />
      <x-field
        name="scale"
        :label="__('Scale')"
        value="water"
        :options="$choose->scales()"
      />
      <x-field
        name="temperature"
        type="number"
        step="0.5"
        :label="$f->temperatureUnit()"
        :value="round($f->temperatureValue(20))"
      />
    </div>
    <div class="row">
      <x-field
        name="cells"
        :label="__('Cells read')"
        value=""
        :options="$choose->cells()"
      />
      <x-field
        name="atc"
        :label="__('Corrects for temperature')"
        value="usual"
        :options="['usual' => __('the scale\'s usual'), 'yes' => __('yes'), 'no' => __('no')]"
      />
      @if ($opened->instruments->isNotEmpty())
        <x-field
          name="instrument"
          :label="__('Instrument')"
          :hint="__('its offset is added')"
          :options="['' => __('none of these')] + $opened->instruments->pluck('name', 'id')->all()"
        />
      @endif
      <button class="btn">{{ __('Save the reading') }}</button>
    </div>
  </x-form>
  @foreach ($box->look->readings as $reading)
    <p class="sub">
      {{ $reading->shown() }} {{ $reading->unit() }}
      · {{ $f->celsius($reading->reading->temperatureC) }}
      @if ($reading->offset() !== null)
        · {{ __('offset :n', ['n' => $reading->offset()]) }}
      @endif =
      <b>{{ $f->water($reading->waterPct()) }}</b>
      @can('manage')
        <x-remove :action="route('assess.readings.destroy', $reading->id)" />
      @endcan
    </p>
  @endforeach
</section>
