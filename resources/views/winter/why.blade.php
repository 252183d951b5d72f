@php($result = $winter->reserve)
@php($stores = $winter->stores)
@php($hive = $winter->state)
<div>
  <p class="lab">{{ __('Why: :hive', ['hive' => $hive->code]) }}</p>
  <h2 class="say"><x-mark :glyph="$page->glyph($winter)" size="22" />{{ $page->advice($winter) }}</h2>
  <x-notes :of="$hive" />
  @if ($stores->contradictedKg !== null)
    <p class="caution">
      {{ __('By its weight the hive holds ~:kg of honey. Its supers are drawn with more.', ['kg' => $f->kg($stores->contradictedKg, 0)]) }}
      {{ __('Weigh it again, or inspect the supers. The weight is not used.') }}
    </p>
  @endif
</div>
<section>
  <dl>
    <dt>{{ __('Stores that stay') }}</dt>
    <dd>
      {{ $stores->isMeasured() ? '' : '~' }}{{ $f->kg($result->storesKg) }}
      <span class="rng">{{ $f->kgRange($result->storesKg, $result->storesSdKg) }}</span>
    </dd>
    <dt>{{ __('Needed to :day', ['day' => $f->day($season->whole->firstFlow)]) }}</dt>
    <dd>
      ~{{ $f->kg($result->needMeanKg) }}
      <span class="rng">{{ __('up to :kg', ['kg' => $f->kg($result->needQuantileKg)]) }}</span>
    </dd>
    @if ($winter->isKnown())
      <dt>{{ __('Lasts in') }}</dt>
      <dd>~{{ $f->percent($result->pEnough) }} {{ __('of winters') }}</dd>
    @endif
    @if (!$winter->isKnown())
      <dt>{{ __('Short') }}</dt>
      <dd>{{ __('not known') }}</dd>
    @elseif ($result->shortfallKg > 0.5)
      <dt>{{ __('Short') }}</dt>
      <dd>~{{ $f->kg($result->shortfallKg) }}</dd>
      <dt>{{ __('Syrup 2:1') }}</dt>
      <dd>~{{ $f->litres($result->syrupL) }}</dd>
    @else
      <dt>{{ __('More than needed') }}</dt>
      <dd>~{{ $f->kg($result->spareKg) }}</dd>
    @endif
  </dl>
</section>
<section>
  <h3>{{ __('Facts used') }}</h3>
  <ul class="facts">
    @if ($stores->seenOn)
      <li>
        <span>{{ $f->day($stores->seenOn) }}</span>
        <span>{{ __(':n frames of bees', ['n' => $stores->framesOfBees]) }}</span>
      </li>
      <li>
        <span>{{ $f->day($stores->seenOn) }}</span>
        <span>{{ __('brood boxes :kg today, :how', ['kg' => $f->kg($stores->kg), 'how' => $say->term($stores->how)]) }}
          <span class="rng">{{ $f->kgRange($stores->kg, $stores->sdKg) }}</span>
        </span>
      </li>
      @if ($stores->fedKg > 0.05)
        <li>
          <span>{{ __('since') }}</span>
          <span>{{ __(':kg fed', ['kg' => $f->kg($stores->fedKg)]) }}</span>
        </li>
      @endif
      @if ($stores->usedKg > 0.05)
        <li>
          <span>{{ __('since') }}</span>
          <i>{{ __('~:kg used, calculated', ['kg' => $f->kg($stores->usedKg)]) }}</i>
        </li>
      @endif
    @else
      <li>
        <span>–</span>
        <i>{{ __(':n frames of bees and :kg in the brood boxes, :how', [
            'n' => $stores->framesOfBees,
            'kg' => $f->kg($stores->kg),
            'how' => $say->term($stores->how),
        ]) }}</i>
      </li>
    @endif
    @if (abs($winter->share->factor - 1.0) > 0.005)
      <li>
        <span>{{ __('use') }}</span>
        <span>{{ __(':n times the usual use, from weighings', ['n' => number_format($winter->share->factor, 2)]) }}</span>
      </li>
    @endif
    <li>
      <span>{{ __('climate') }}</span>
      <span>{{ $page->climate() }}</span>
    </li>
  </ul>
</section>
@can('record')
  @include('winter.supers')
  <section>
    <h3>{{ __('New inspection') }}</h3>
    <x-form :action="route('winter.looks.store', $hive->id)" class="narrow">
      <div class="row">
        <x-field
          name="frames_of_bees"
          type="number"
          step="0.5"
          min="1"
          max="40"
          :label="__('Frames of bees')"
          :value="$stores->framesOfBees"
          required
        />
        <x-field
          name="honey_frames"
          type="number"
          step="0.5"
          min="0"
          max="40"
          :label="__('Full frames of honey')"
          :hint="__('in the brood boxes, halves added up')"
        />
        <x-field
          name="brood_honey"
          type="number"
          step="0.1"
          min="0"
          :label="__('or honey, :unit', ['unit' => $f->massUnit()])"
          :value="round($f->massValue($stores->kg), 1)"
        />
      </div>
      <x-field
        name="how"
        :label="__('How')"
        value="estimated"
        :options="['estimated' => __('estimated by eye'), 'measured' => __('weighed')]"
      />
      <button class="btn">{{ __('Save the inspection') }}</button>
    </x-form>
    @if ($page->notes->look)
      @can('manage')
        @php($seen = $page->notes->look)
        <x-remove :action="route('winter.looks.destroy', $seen->id)" :words="__('remove the inspection of :day', ['day' => $f->day($seen->looked_on)])" />
      @endcan
    @endif
  </section>
@endcan
