<details class="astable" id="climate" @if ($errors->hasAny(['preset', 'pasted', 'unit', 'file'])) open @endif>
  <summary>{{ __('climate: a named one, or a station') }}</summary>
  <p class="sub">{{ $page->climateNow($f) }}</p>
  <x-form
    :action="route('yards.climate', $apiary->slug)"
    method="put"
    class="narrow"
    enctype="multipart/form-data"
  >
    <x-field
      name="preset"
      :label="__('Named climate')"
      :value="$apiary->climate_source"
      :options="$page->climates()"
      :hint="__('from memory; the nearest station is better')"
    />
    <div class="field"><label for="climate-file">{{ __('or a CSV of daily or monthly temperatures') }}</label>
      <input
        id="climate-file"
        name="file"
        type="file"
        accept=".csv,.txt,text/csv"
      >
    </div>
    <div class="field"><label for="climate-pasted">{{ __('or pasted here') }}</label>
      <textarea
        id="climate-pasted"
        name="pasted"
        rows="3"
        placeholder="2024-01-31,-2.5"
      >{{ old('pasted') }}</textarea>
      @error('pasted')
        <span class="err">{{ $message }}</span>
      @enderror
    </div>
    <x-field
      name="unit"
      :label="__('Unit')"
      value="c"
      :options="['c' => '°C', 'f' => '°F']"
    />
    <button class="btn">{{ __('Use this climate') }}</button>
  </x-form>
</details>
