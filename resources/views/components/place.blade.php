@props(['id', 'label', 'latitude' => null, 'longitude' => null])
<div class="row">
  <x-field
    name="place"
    :id="$id . '-place'"
    :label="$label"
    :hint="__('type a few letters and choose a town')"
    maxlength="120"
    autocomplete="off"
    :list="$id . '-towns'"
    :hx-get="route('places.index')"
    hx-trigger="input changed delay:250ms"
    :hx-target="'#' . $id . '-towns'"
    hx-swap="innerHTML"
  />
  <datalist id="{{ $id }}-towns"></datalist>
</div>
<details class="astable" @if ($errors->hasAny(['latitude', 'longitude'])) open @endif>
  <summary>{{ __('or enter latitude and longitude') }}</summary>
  <div class="row">
    <x-field
      name="latitude"
      type="number"
      step="any"
      :label="__('Latitude')"
      :hint="__('south is negative')"
      :value="$latitude"
    />
    <x-field
      name="longitude"
      type="number"
      step="any"
      :label="__('Longitude')"
      :hint="__('west is negative')"
      :value="$longitude"
    />
  </div>
</details>
