<div>
  <p class="lab">{{ __('Why: :yard', ['yard' => $apiary->name]) }}</p>
  <h2 class="say">{{ $flow->sentence() }}</h2>
</div>
<section>
  <dl>
    <dt>{{ __('Over with') }}</dt>
    <dd>~{{ $f->percent($flow->pOver()) }}</dd>
    <dt>{{ __('Phase today') }}</dt>
    <dd>{{ $say->term($flow->phase()) }}</dd>
    @if ($flow->filter)
      @if ($flow->filter->ended)
        <dt>{{ __('Ended about') }}</dt>
        <dd>{{ $f->dateOf($flow->filter->ended->median) }}
          <span class="rng">{{ $f->dateOf($flow->filter->ended->from) }} –
            {{ $f->dateOf($flow->filter->ended->to) }}</span>
        </dd>
      @endif
      <dt>{{ __('Next five days') }}</dt>
      <dd>{{ $f->kg($flow->filter->nextKg) }} <span
          class="rng">{{ $f->gainRange($flow->filter->nextKg, $flow->filter->nextSdKg) }}</span></dd>
      @if ($flow->pSecond() !== null)
        <dt>{{ __('A second flow within ten days') }}</dt>
        <dd>~{{ $f->percent($flow->pSecond()) }}</dd>
      @endif
    @else
      <dt>{{ __('Mean of the last days') }}</dt>
      <dd>{{ $f->kg($flow->meanKgPerDay(), 2) }}</dd>
    @endif
  </dl>
</section>
<section>
  <h3>{{ __('What the answer is based on') }}</h3>
  @if ($flow->filter)
    <ul class="reasons">
      @foreach ($flow->filter->reasons as $reason)
        <li>{{ $say->statement($reason) }}</li>
      @endforeach
    </ul>
    <p class="sub">
      {{ __('"Over" means: at most :kg in the next 14 days.', ['kg' => $f->kg(2.0, 0)]) }}
    </p>
    <x-disclosure :summary="__('How this was calculated')">
      <p>
        {{ __('Each day\'s scale, flight weather and signs count together. Signs count half, since the scale sees part of the same.') }}
      </p>
    </x-disclosure>
  @else
    <ul class="reasons">
      @foreach ($flow->result->reasons as $reason)
        <li>{{ $say->statement($reason) }}</li>
      @endforeach
    </ul>
    <x-disclosure :summary="__('How this was calculated')">
      <p>
        {{ __('The scale sets the odds and each sign multiplies them. One sign alone never makes it surer than 75 %.') }}
        {{ __('After ten days a sign of the end fades, and a sign of nectar counts no more.') }}
        {{ __('With two weights five days apart, weather counts too.') }}
      </p>
    </x-disclosure>
  @endif
</section>
@if ($flow->handlings() !== [])
  <section>
    <h3>{{ __('Not counted as gains') }}</h3>
    <ul class="facts">
      @foreach (array_slice(array_reverse($flow->handlings()), 0, 6) as $step)
        <li>
          <span>{{ $f->day($step->at) }}</span>
          <span>
            {{ $f->kg($step->kg) }}
            @if ($step->isNoted)
              {{ __('(boxes put on or taken off)') }}
            @else
              {{ __('(unexplained)') }}
            @endif
          </span>
        </li>
      @endforeach
    </ul>
    @if ($page->toExplain())
      <p>
        {{ __('Bees alone do not change a weight so fast. Did you put a box on or take one off?') }}
        <a href="{{ route('yards.hive', [$apiary->slug, $page->toExplain()]) }}">
          {{ __('Note it at hive :hive', ['hive' => $page->toExplain()]) }}
        </a>
      </p>
    @endif
  </section>
@endif
@if (!$flow->filter)
  <section>
    <h3>{{ __('What would change the answer') }}</h3>
    <p>
      {{ __('One more sign. A robbing test tells you most: odds 8 to 1 if robbed, 1 to 5 if ignored.') }}
    </p>
  </section>
@endif
