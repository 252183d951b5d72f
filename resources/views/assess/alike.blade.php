<div class="btns mt-2 flex-wrap">
  @if ($looks->wasSeenBefore)
    <x-form :action="route('assess.alike', $box->id)">
      <x-hidden :of="['what' => 'before', 'slot' => $slot, 'seen_on' => $opened->on]" />
      <button class="btn small" data-key="r">
        {{ __('Frame as on :day', ['day' => $f->day($looks->before)]) }} <kbd aria-hidden="true">r</kbd>
      </button>
    </x-form>
  @endif
  @if ($looks->before)
    <x-form :action="route('assess.alike', $box->id)">
      <x-hidden :of="['what' => 'before', 'back' => $slot, 'seen_on' => $opened->on]" />
      <button class="btn small" data-key="a">
        {{ __('Super as on :day', ['day' => $f->day($looks->before)]) }} <kbd aria-hidden="true">a</kbd>
      </button>
    </x-form>
  @endif
  <x-form :action="route('assess.alike', $box->id)">
    <x-hidden :of="['what' => 'alike', 'slot' => $slot, 'seen_on' => $opened->on]" />
    <button class="btn small" data-key="w">
      {{ __('Super like this frame') }} <kbd aria-hidden="true">w</kbd>
    </button>
  </x-form>
</div>
