<fieldset class="framehive">
  <legend>
    <b>{{ $hive->hive->code }}</b>
    <span class="soft">
      @if (is_finite($hive->spareKg))
        {{ __('winter can spare ~:kg', ['kg' => $f->kg(max(0.0, $hive->spareKg))]) }}
      @else
        {{ __('no bees live here') }}
      @endif
    </span>
  </legend>
  <x-notes :of="$hive->hive" />
  @if (!$hive->hive->excluder)
    <p class="caution">{{ __('No excluder: check each frame for the queen before you take it.') }}</p>
  @endif
  @foreach (array_reverse($hive->boxes) as $offer)
    <div class="framebox">
      <p>
        {{ $offer->box->name() }} <span class="soft">{{ $offer->box->mark }}</span>
        @if (!$offer->box->isSuper())
          <span class="soft">{{ __('brood box: winter stores, treatments') }}</span>
        @endif
      </p>
      <div class="frameslots">
        @foreach ($offer->slots() as $slot)
          @php($frame = $offer->frames[$slot] ?? null)
          @if ($frame === null)
            <span class="frameslot gap" title="{{ __('gap') }}"
              data-gap="{{ $offer->box->mark }}/{{ $slot }}"><span
                class="sr">{{ __('slot :n: no frame', ['n' => $slot]) }}</span></span>
          @else
            <label @class(['frameslot', 'brood' => $frame->hasBrood()])>
              <input
                type="checkbox"
                name="f[]"
                value="{{ $frame->id }}"
                @checked($frames->isChosen($frame))
              >
              <x-drawing.picture :of="$draw->of($frame)" />
              <span>{{ $slot }}</span>
              @if ($frame->comb())
                <span
                  class="text-2xs leading-3.25 text-center wrap-anywhere">{{ trim($frame->comb()->year . ' ' . ($combs[$frame->comb()->comb] ?? '')) }}</span>
              @endif
              <span class="sr">
                {{ $frame->mark() }}: ~{{ $f->kg($frame->held->honey->kg) }}
                {{ $frame->held->seen ? '' : __('estimated') }} {{ $frame->hasBrood() ? __('brood') : '' }}
              </span>
            </label>
          @endif
        @endforeach
      </div>
    </div>
  @endforeach
</fieldset>
