@props(['clearing', 'places' => false, 'on'])
@php($field = $places ? 'placed_at' : 'collected_at')
@php($wrong = $errors->hasAny(['on', 'why', 'done']))
<x-disclosure :summary="$places ? __('Finish this stop: boards') : __('Finish this stop: supers')" :open="$wrong">
  <x-form :action="route($places ? 'clear.placed' : 'clear.collected', $clearing->id)" method="put" class="narrow">
    <x-hidden :of="['chosen' => 1]" />
    <x-field
      name="on"
      type="date"
      :id="'on-' . $clearing->id"
      :label="__('Done on')"
      :value="$on"
      required
    />
    <fieldset>
      <legend>{{ $places ? __('Boards are on above') : __('Came in') }}</legend>
      @foreach ($clearing->items as $item)
        <label class="check">
          <input
            type="checkbox"
            name="done[]"
            value="{{ $item->id }}"
            @checked($item->$field !== null || $clearing->items->whereNotNull($field)->isEmpty())
          > {{ $item->hive->code }}, {{ $item->box->mark }}
        </label>
      @endforeach
    </fieldset>
    <x-field
      name="why"
      :id="'why-' . $clearing->id"
      :label="__('What is left: why')"
      :hint="__('brood, wet, bees not out …; saved with the record')"
      maxlength="300"
    />
    <button class="btn go">{{ $places ? __('The boards are on') : __('They are in the honey room') }}</button>
  </x-form>
</x-disclosure>
