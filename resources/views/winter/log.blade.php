@php($hive = $winter->state)
<section class="blk" id="stores">
  <h2>{{ __('Stores of :hive through the winter', ['hive' => $hive->code]) }}</h2>
  <p class="sub">
    {{ __('Line: calculated stores. Band: 8 of 10 winters. Dots: weighings.') }}
    @if ($winter->share->runsOut)
      <b class="danger">{{ __('May run out by :day.', ['day' => $f->dateOf($winter->share->runsOut)]) }}</b>
    @endif
  </p>
  <div
    class="noscroll-x"
    tabindex="0"
    role="region"
    aria-label="{{ __('Stores through the winter') }}"
  >
    <x-drawing.wide :of="$page->curve($winter)" />
  </div>
  <div class="cols2">
    <div>
      <h3>{{ __('Weighings') }}</h3>
      @forelse (array_reverse($page->notes->weighings) as $one)
        <p>
          {{ $f->date($one->weighed_on) }}: {{ $f->kg(array_sum($one->readings)) }}, {{ $say->weighing($one->how) }} =
          <b>{{ $f->kg($one->stores_kg) }}</b>
          <span class="rng">{{ $f->kgRange($one->stores_kg, $one->stores_sd_kg) }}</span>
          {{ __('of stores (tare :kg)', ['kg' => $f->kg($one->tare_kg)]) }}
          @if (!$one->exists)
            <span class="soft">{{ __('from the scale') }}</span>
          @elsecan('manage')
            <x-remove :action="route('winter.weighings.destroy', $one->id)" :of="$f->date($one->weighed_on)" />
          @endif
        </p>
      @empty
        <p class="empty">{{ __('Not weighed yet.') }}</p>
      @endforelse
      @can('record')
        @include('winter.weigh')
      @endcan
    </div>
    <div>
      <h3>{{ __('Feed') }}</h3>
      @forelse (array_reverse($page->notes->feedings) as $one)
        <p>
          {{ $f->date($one->fed_on) }}: {{ $one->isByVolume() ? $f->litres($one->amount) : $f->kg($one->amount) }}
          {{ $say->feed($one->what) }} = {{ $f->kg($one->stores_kg) }} {{ __('of stores') }}
          @can('manage')
            <x-remove :action="route('winter.feedings.destroy', $one->id)" :of="$f->date($one->fed_on)" />
          @endcan
        </p>
      @empty
        <p class="empty">{{ __('Not fed yet.') }}</p>
      @endforelse
      @can('record')
        @include('winter.feed')
      @endcan
    </div>
  </div>
</section>
