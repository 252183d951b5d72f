<div class="btns">
  @foreach (['up' => __('up'), 'down' => __('down')] as $step => $words)
    <x-form :action="route('yards.boxes.move', $box->id)">
      <x-hidden :of="['hive' => $hive->code, 'step' => $step]" />
      <button class="btn small">{{ $words }} <span class="sr">{{ $box->mark }}</span></button>
    </x-form>
  @endforeach
  <x-form :action="route('yards.boxes.off', $box->id)">
    <button class="btn small">{{ __('take off') }} <span class="sr">{{ $box->mark }}</span></button>
  </x-form>
  <x-form :action="route('yards.boxes.move', $box->id)" class="row">
    <div class="field">
      <label class="sr" for="to-{{ $box->id }}">{{ __('To hive') }}</label>
      <input
        id="to-{{ $box->id }}"
        name="hive"
        size="6"
        maxlength="12"
        placeholder="{{ __('to hive') }}"
      />
    </div>
    <button class="btn small">{{ __('move') }} <span class="sr">{{ $box->mark }}</span></button>
  </x-form>
</div>
