@php($box = $hand->box)
<section class="blk" id="hand" aria-labelledby="hand-h">
  <div class="hd">
    <h2 id="hand-h">
      {{ __('In hand: :mark', ['mark' => $box->mark]) }}
    </h2>
    <span class="sub">
      {{ $hand->kind->name }}{{ $hand->fewerFrames() === null ? '' : ', ' . trans_choice(':count frame fitted|:count frames fitted', $hand->fewerFrames()) }}
      @if ($hand->state)
        · {{ $hand->hive->code }}, {{ $hand->state->name() }},
        {{ __('since :day', ['day' => $f->date($hand->state->since)]) }}
      @else
        · {{ $hand->hive ? __('on :hive', ['hive' => $hand->hive->code]) : __('in store') }}
      @endif
    </span>
  </div>
  @can('record')
    <x-form :action="route('yards.boxes.move', $box->id)" class="row">
      <x-field
        name="hive"
        id="hand-hive"
        :label="__('Onto hive')"
        :value="$hand->hive?->code"
        :options="$hand->hiveChoices()"
      />
      <x-field
        name="role"
        id="hand-role"
        :label="__('Used as')"
        :value="$hand->state === null || $hand->state->isSuper() ? 'super' : 'brood'"
        :options="['super' => __('super'), 'brood' => __('brood box')]"
      />
      <x-field
        name="under"
        id="hand-under"
        type="number"
        min="0"
        max="40"
        :label="__('Boxes below')"
        :hint="__('empty: on top')"
      />
      @if ($hand->hive === null)
        <x-field
          name="put_on"
          id="hand-put-on"
          :label="__('Condition')"
          value="empty"
          :options="$choose->putOn()"
        />
      @endif
      <x-field
        name="since"
        id="hand-since"
        type="date"
        :label="__('Since')"
        :hint="__('empty: today')"
      />
      <button class="btn go">{{ __('Put the box there') }}</button>
    </x-form>
    <div class="btns blk">
      @if ($hand->state)
        @foreach (['up' => __('one up'), 'down' => __('one down')] as $step => $words)
          <x-form :action="route('yards.boxes.move', $box->id)" quick>
            <x-hidden :of="['hive' => $hand->hive->code, 'step' => $step]" />
            <button class="btn" id="hand-{{ $step }}">{{ $words }}</button>
          </x-form>
        @endforeach
        <x-form :action="route('yards.boxes.off', $box->id)" quick>
          <button class="btn" id="hand-off">{{ __('into store') }}</button>
        </x-form>
      @else
        @can('manage')
          <x-remove :action="route('yards.boxes.destroy', $box->id)" :of="$box->mark" :words="__('into the bin')" />
        @endcan
      @endif
    </div>
  @endcan
</section>
