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
        :hint="__('syrup in :l, else :kg', ['l' => $f->volumeUnit(), 'kg' => $f->massUnit()])"
        required
      />
    </div>
    <div class="row">
      <x-field
        name="fed_on"
        type="date"
        :label="__('On')"
        :hint="__('empty: today')"
      />
      <button class="btn">{{ __('Note it') }}</button>
    </div>
  </x-form>
  @if ($hive->hasSuperComingOff())
    <p class="caution">
      {{ __('Supers for honey are still on this hive: what is fed now ends in the jar. Take them off first.') }}
    </p>
  @endif
</x-disclosure>
