<fieldset class="batch">
  <legend>{{ $batch->name() }}</legend>
  <div class="row">
    <input type="hidden" name="{{ $at }}[in]" value="0" />
    <label class="check">
      <input
        type="checkbox"
        name="{{ $at }}[in]"
        value="1"
        @checked(old('yards.' . $batch->id() . '.in', '1') === '1')
      />
      {{ __('in this schedule') }}
    </label>
    <input type="hidden" name="{{ $at }}[ready_was]" value="{{ $batch->dates->ready->format('Y-m-d') }}" />
    <input type="hidden" name="{{ $at }}[off_by_was]" value="{{ $batch->dates->offBy->format('Y-m-d') }}" />
    <x-field
      :name="$at . '[ready]'"
      :id="'ready-' . $batch->id()"
      type="date"
      :label="$batch->later ? __('Ripe on') : __('Ready on')"
      :value="$batch->dates->ready->format('Y-m-d')"
    />
    <x-field
      :name="$at . '[off_by]'"
      :id="'off-' . $batch->id()"
      type="date"
      :label="$page->offBy($batch)"
      :value="$batch->dates->offBy->format('Y-m-d')"
    />
  </div>
</fieldset>
