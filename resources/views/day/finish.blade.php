<section class="blk noprint" id="finish">
  <h2>{{ __('Finish the day') }}</h2>
  <p>
    @if ($sheet->isDone())
      {{ __('All is ticked. Finished, the supers are in the honey room, each with its hive.') }}
    @else
      {{ __('What really came in, on the day on which it did; what stays says why.') }}
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
          <label class="check">
            <input
              type="checkbox"
              name="done[]"
              value="{{ $item->id }}"
              @checked($visit->isTicked($item) || !$visit->hasTicks())
            > {{ $item->hive->code }}, {{ $item->box->mark }}
          </label>
        @endforeach
      </fieldset>
    @endforeach
    <x-field
      name="why"
      id="day-why"
      :label="__('What is left: why')"
      :hint="__('brood, wet, bees not out …; it stays with the record')"
      maxlength="300"
    />
    <button class="btn go">{{ __('The day is done') }}</button>
  </x-form>
</section>
