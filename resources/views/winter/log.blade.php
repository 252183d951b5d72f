@php($hive = $first->state->hive)
<section class="blk" id="stores"><h2>{{ __('Stores of :hive through the winter', ['hive' => $hive->code]) }}</h2>
  <p class="sub">{{ __('The line is what is reckoned to be left, the band the middle 80 % of winters; dots are weighings.') }} @if ($first->runsOut)<b class="danger">{{ __('May be out by :day.', ['day' => $f->date(new DateTimeImmutable($first->runsOut))]) }}</b>@endif</p>
  <div class="noscroll-x" tabindex="0" role="region" aria-label="{{ __('Stores through the winter') }}">{!! (new App\Winter\StoresCurve($f))->svg($first, $season) !!}</div>
  <div class="cols2">
    <div><h3>{{ __('Weighings') }}</h3>
      @forelse (array_reverse($first->record->weighings) as $one)<p>{{ $f->date($one->weighed_on) }}: {{ $f->kg(array_sum($one->readings)) }}, {{ App\Winter\WinterLabels::weighings()[$one->how] }} = <b>{{ $f->kg($one->stores_kg) }}</b> <span class="rng">{{ $f->kgRange($one->stores_kg, $one->stores_sd_kg) }}</span> {{ __('of stores (tare :kg)', ['kg' => $f->kg($one->tare_kg)]) }}
        @can('manage')<x-form :action="route('winter.weighings.destroy', $one->id)" method="delete" class="inline"><button class="link-btn">{{ __('remove') }}<span class="sr"> {{ $f->date($one->weighed_on) }}</span></button></x-form>@endcan</p>@empty<p class="empty">{{ __('Not weighed yet.') }}</p>@endforelse
      @can('record')<details class="astable" @if ($errors->hasAny(['first', 'second', 'weighed_on'])) open @endif><summary>{{ __('note a weighing') }}</summary><x-form :action="route('winter.weighings.store', $hive->id)" class="narrow">
        <x-field name="how" id="weigh-how" :label="__('Weighed')" value="both-sides" :options="App\Winter\WinterLabels::weighings()"/>
        <div class="row"><x-field name="first" type="number" step="any" :label="__('Reading, :unit', ['unit' => $f->massUnit()])" required/><x-field name="second" type="number" step="any" :label="__('Second reading')" :hint="__('not for the whole hive')"/></div>
        <div class="row"><x-field name="frames_of_bees" id="weigh-bees" type="number" step="0.5" :label="__('Frames of bees')" :value="$first->stores->framesOfBees" required/><x-field name="weighed_on" type="date" :label="__('On')" :hint="__('empty: today')"/><button class="btn">{{ __('Note it') }}</button></div></x-form>
        <p class="caution">{{ __('A full hive is heavy: lift with the hook scale, not with the back; strap the boxes first.') }}</p></details>@endcan</div>
    <div><h3>{{ __('Feed') }}</h3>
      @forelse (array_reverse($first->record->feedings) as $one)<p>{{ $f->date($one->fed_on) }}: {{ str_starts_with($one->what, 'syrup') ? $f->litres($one->amount) : $f->kg($one->amount) }} {{ App\Winter\WinterLabels::feeds()[$one->what] }} = {{ $f->kg($one->stores_kg) }} {{ __('of stores') }}
        @can('manage')<x-form :action="route('winter.feedings.destroy', $one->id)" method="delete" class="inline"><button class="link-btn">{{ __('remove') }}<span class="sr"> {{ $f->date($one->fed_on) }}</span></button></x-form>@endcan</p>@empty<p class="empty">{{ __('Nothing fed.') }}</p>@endforelse
      @can('record')<details class="astable" @if ($errors->hasAny(['what', 'amount', 'fed_on'])) open @endif><summary>{{ __('note feed') }}</summary><x-form :action="route('winter.feedings.store', $hive->id)" class="narrow">
        <div class="row"><x-field name="what" id="feed-what" :label="__('What')" :options="App\Winter\WinterLabels::feeds()"/><x-field name="amount" type="number" step="any" :label="__('How much')" :hint="__('syrup in :l, else :kg', ['l' => $f->volumeUnit(), 'kg' => $f->massUnit()])" required/></div>
        <div class="row"><x-field name="fed_on" type="date" :label="__('On')" :hint="__('empty: today')"/><button class="btn">{{ __('Note it') }}</button></div></x-form>
        @if (array_filter($first->state->supers(), fn ($box) => $box->comesOff()) !== [])<p class="caution">{{ __('Supers for honey are still on this hive: what is fed now ends in the jar. Take them off first.') }}</p>@endif</details>@endcan</div>
  </div></section>
