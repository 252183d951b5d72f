<x-disclosure :summary="__('enter a weighing')" :open="$errors->hasAny(['first', 'second', 'weighed_on'])">
  <x-form :action="route('winter.weighings.store', $hive->id)" class="narrow">
    <x-field
      name="how"
      id="weigh-how"
      :label="__('Weighed')"
      value="both-sides"
      :options="$choose->weighings()"
    />
    <div class="row">
      <x-field
        name="first"
        type="number"
        step="any"
        :label="__('Reading, :unit', ['unit' => $f->massUnit()])"
        required
      />
      <x-field
        name="second"
        type="number"
        step="any"
        :label="__('Second reading')"
        :hint="__('empty for the whole hive')"
      />
    </div>
    <div class="row">
      <x-field
        name="frames_of_bees"
        id="weigh-bees"
        type="number"
        step="0.5"
        :label="__('Frames of bees')"
        :value="$winter->stores->framesOfBees"
        required
      />
      <x-field
        name="weighed_on"
        type="date"
        :label="__('Day')"
        :hint="__('empty: today')"
      />
      <button class="btn">{{ __('Save the weighing') }}</button>
    </div>
  </x-form>
  <p class="caution">
    {{ __('A full hive is heavy: lift with the hook scale, not with the back; strap the boxes first.') }}
  </p>
</x-disclosure>
