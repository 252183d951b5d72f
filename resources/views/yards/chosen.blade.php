<x-disclosure class="blk" :summary="__('Several hives at once: kinds of box, new queens')" :open="$errors->hasAny(['hives', 'to', 'line', 'year', 'mother'])">
  @if ($page->hives->isEmpty())
    <p class="sub">{{ __('This yard has no hive yet.') }}</p>
  @else
    <x-form :action="route('yards.chosen.kind', $apiary->slug)" method="put">
      <fieldset class="choosehives">
        <legend>{{ __('Chosen hives') }}</legend>
        @foreach ($page->hives as $hive)
          <x-check name="hives[]" :value="$hive->id" :on="$page->isChosen($hive, old('hives'))">{{ $hive->code }}
            <span class="soft">{{ $hive->colony?->queen?->code }}</span></x-check>
        @endforeach
      </fieldset>
      <h3>{{ __('Kind of box') }}</h3>
      <div class="row">
        <x-field
          name="which"
          :label="__('Boxes')"
          value="super"
          :options="['super' => __('supers'), 'brood' => __('brood boxes')]"
        />
        <x-field name="from" :label="__('of kind')" :options="$page->kindChoices(__('any'))" />
        <x-field name="to" :label="__('are')" :options="$page->kindChoices(__('choose one'))" />
        <button class="btn">{{ __('Change the kind') }}</button>
      </div>
      <h3>{{ __('New queens') }}</h3>
      <div class="row">
        <x-field
          name="line"
          id="chosen-line"
          :label="__('New queens of line')"
          maxlength="30"
        />
        <x-field
          name="year"
          id="chosen-year"
          type="number"
          min="2000"
          max="2100"
          :label="__('Year')"
          :value="$season"
        />
        <x-field
          name="mother"
          id="chosen-mother"
          :label="__('Mother')"
          :hint="__('code, if known')"
          maxlength="30"
        />
        <button class="btn" formaction="{{ route('yards.chosen.queens', $apiary->slug) }}">
          {{ __('Give each a new queen') }}</button>
      </div>
      <p class="sub">{{ __('A new queen has the year and her hive as her code: 26-E3.') }}</p>
    </x-form>
  @endif
</x-disclosure>
