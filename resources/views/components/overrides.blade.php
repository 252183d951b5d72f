@props(['given' => [], 'prefix'])
<x-field
  name="school"
  :id="$prefix . '-school'"
  :label="__('Rule for ripe honey')"
  :value="$given['school'] ?? ''"
  :options="['' => __('as everywhere')] + $choose->ripenessSchools()"
/>
<div class="row"><x-field
    name="capped_min"
    :id="$prefix . '-capped'"
    type="number"
    min="0"
    max="100"
    step="any"
    :label="__('Honey capped at least, %')"
    :value="$given['capped_min'] ?? ''"
    :hint="__('empty: as in all yards')"
  />
  <x-field
    name="water_max_pct"
    :id="$prefix . '-water'"
    type="number"
    min="14"
    max="25"
    step="0.1"
    :label="__('Water at most, %')"
    :value="$given['water_max_pct'] ?? ''"
  />
  <x-field
    name="confidence"
    :id="$prefix . '-sure'"
    type="number"
    min="50"
    max="99"
    :label="__('Certainty, %')"
    :value="$given['confidence'] ?? ''"
  />
</div>
<x-field
  name="unit"
  :id="$prefix . '-unit'"
  :label="__('Unit of taking')"
  :value="$given['unit'] ?? ''"
  :options="['' => __('as everywhere')] + $choose->unitsOfTaking()"
/>
<x-field
  name="off_after_flow_days"
  :id="$prefix . '-off'"
  type="number"
  min="0"
  max="90"
  :label="__('Days after the flow')"
  :value="$given['off_after_flow_days'] ?? ''"
  :hint="__('few for honey that sets in the comb')"
/>
@if ($prefix === 'yard')
  <x-field
    name="winter_school"
    :id="$prefix . '-winter'"
    :label="__('What stays for winter')"
    :value="$given['winter_school'] ?? ''"
    :options="['' => __('as everywhere')] + $choose->winterSchools()"
  />
  <div class="row"><x-field
      name="winter_boxes"
      :id="$prefix . '-boxes'"
      type="number"
      min="1"
      max="10"
      :label="__('Boxes to leave')"
      :value="$given['winter_boxes'] ?? ''"
    /><x-field
      name="winter_from"
      :id="$prefix . '-from'"
      :label="__('Winter begins (month-day)')"
      :value="$given['winter_from'] ?? ''"
    /><x-field
      name="first_flow"
      :id="$prefix . '-flow'"
      :label="__('First flow (month-day)')"
      :value="$given['first_flow'] ?? ''"
    /></div>
@endif
