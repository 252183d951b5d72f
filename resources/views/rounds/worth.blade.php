<section class="blk gap">
  <h2>{{ __('Working time per day') }}</h2>
  <div class="row">
    <x-field
      name="weekday_min"
      type="number"
      min="0"
      max="1440"
      :label="__('Minutes, Monday to Friday')"
      term="crew minutes"
      :value="$page->asked->crewMin[0]"
    />
    <x-field
      name="saturday_min"
      type="number"
      min="0"
      max="1440"
      :label="__('Saturday')"
      :value="$page->asked->crewMin[5]"
    />
    <x-field
      name="sunday_min"
      type="number"
      min="0"
      max="1440"
      :label="__('Sunday (0: off)')"
      :value="$page->asked->crewMin[6]"
    />
  </div>
  <x-field name="days_off" :label="__('Other days off')" :hint="__('such as 2026-08-08, 2026-08-15')" />
  <div class="row">
    <x-field
      name="truck_supers"
      type="number"
      min="0"
      :label="__('Supers on the truck')"
      :value="$page->asked->capacity->truckSupers"
    />
    <x-field
      name="hold_supers"
      type="number"
      min="0"
      :label="__('Honey room holds')"
      :value="$page->asked->capacity->holdSupers"
    />
    <x-field
      name="held_supers"
      type="number"
      min="0"
      :label="__('Held now')"
      value="0"
    />
    <x-field
      name="extract_supers"
      type="number"
      min="0"
      :label="__('Extracted a day')"
      :value="$page->asked->extractSupers"
    />
  </div>
  <label class="check">
    <input
      type="checkbox"
      name="split"
      value="1"
      @checked(old('split', $page->asked->split))
    />
    {{ __('a yard may be served in parts') }}
  </label>
  <div class="row">
    <x-field
      name="name"
      :label="__('Name')"
      :hint="__('empty: by its first day')"
      maxlength="80"
    />
    <x-field
      name="seconds"
      type="number"
      min="1"
      max="60"
      :label="__('Seconds to search')"
      :value="$page->asked->seconds"
    />
  </div>
  <div class="btns"><button class="btn go">{{ __('Search a schedule') }}</button>
  </div>
</section>
