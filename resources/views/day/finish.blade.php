<section class="blk noprint" id="finish">
  <h2>{{ __('Finish the day') }}</h2>
  <p>
    @if ($sheet->isDone())
      {{ __('All work is ticked. Finish the day to bring the supers into the honey room.') }}
    @else
      {{ __('Record which supers came in, on which day, and why the others stay.') }}
    @endif
  </p>
  <x-form :action="route('clear.day.finish', $sheet->date())" method="put" class="narrow">
    <x-hidden :of="['chosen' => 1]" />
    <x-field
      name="on"
      type="date"
      id="day-on"
      :label="__('Done on')"
      :value="min($sheet->date(), $today)"
      required
    />
    @foreach ($sheet->open() as $visit)
      <fieldset>
        <legend>
          {{ $visit->clearing->apiary->name }}: {{ $visit->places ? __('boards are on above') : __('came in') }}
        </legend>
        @foreach ($visit->clearing->items as $item)
          <x-check name="done[]" :value="$item->id" :on="$visit->isTicked($item) || !$visit->hasTicks()">
            {{ $item->hive->code }}, {{ $item->box->mark }}</x-check>
        @endforeach
      </fieldset>
    @endforeach
    <x-field
      name="why"
      id="day-why"
      :label="__('What is left: why')"
      :hint="__('brood, wet, bees not out …; saved with the record')"
      maxlength="300"
    />
    <button class="btn go">{{ __('Finish the day') }}</button>
  </x-form>
</section>
