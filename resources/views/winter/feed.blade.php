<x-disclosure :summary="__('note feed')" :open="$errors->hasAny(['what', 'amount', 'fed_on'])">
  <x-form :action="route('winter.feedings.store', $hive->id)" class="narrow">
    <div class="row">
      <x-field
        name="what"
        id="feed-what"
        :label="__('What')"
        :options="$choose->feeds()"
      />
      <x-field
        name="amount"
        type="number"
        step="any"
        :label="__('How much')"
        :hint="__('syrup in :l, sugar in :kg', ['l' => $f->volumeUnit(), 'kg' => $f->massUnit()])"
        required
      />
    </div>
    <div class="row">
      <x-field
        name="fed_on"
        type="date"
        :label="__('Day')"
        :hint="__('empty: today')"
      />
      <button class="btn">{{ __('Save the feed') }}</button>
    </div>
  </x-form>
  @if ($hive->hasSuperComingOff())
    <p class="caution">
      {{ __('Honey supers are still on this hive: sugar fed now ends in the jar. Take the supers off first.') }}
    </p>
  @endif
</x-disclosure>
