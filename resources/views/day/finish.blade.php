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
          {{ $visit->clearing->apiary->name }}: {{ $visit->places ? __('boards on') : __('supers in') }}
        </legend>
        @foreach ($page->went($visit) as $key => $words)
          <label class="check">
            <input
              type="radio"
              name="went[{{ $visit->clearing->id }}]"
              value="{{ $key }}"
              @checked($page->answer($visit) === $key)
              required
            > <span>{{ $words }}</span>
          </label>
        @endforeach
        @error('went.' . $visit->clearing->id)
          <span class="err">{{ $message }}</span>
        @enderror
        @foreach ($visit->supers() as $item)
          <x-check name="done[]" :value="$item->id" :on="$visit->isTicked($item) || !$visit->hasTicks()">
            {{ $visit->nameOf($item) }}</x-check>
        @endforeach
        <p class="soft">{{ __('What went wrong') }}</p>
        @foreach ($trouble->choices() as $what => $words)
          <x-check :name="'wrong[' . $visit->clearing->id . '][]'" :value="$what">{{ $words }}</x-check>
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
