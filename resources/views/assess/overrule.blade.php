@if ($box->decision)
  @can('manage')
    <x-form :action="route('assess.decisions.destroy', $box->decision->id)" method="delete">
      <button class="btn small">{{ __('Use the calculated verdict') }}</button>
    </x-form>
  @endcan
@else
  <x-disclosure :summary="__('Decide differently')" :open="$errors->has('note')">
    <x-form :action="route('assess.decisions.store', $box->id)" class="narrow">
      <x-field
        name="choice"
        :label="__('The super')"
        :value="$box->comesOff() ? 'stay' : 'take'"
        :options="['take' => __('comes off'), 'stay' => __('stays on the hive')]"
      />
      <x-field
        name="note"
        :label="__('Because')"
        maxlength="500"
        required
      />
      <button class="btn">{{ __('Save your decision') }}</button>
    </x-form>
  </x-disclosure>
@endif
