@php($result = $box->ripeness)
<div class="flex flex-col gap-3">
  <p class="lab">{{ __('Why: :hive, :box', ['hive' => $code, 'box' => $box->name()]) }}</p>
  @if (!$box->isSuper())
    <h2 class="say">{{ __('A brood box stays.') }}</h2>
    <section>
      <dl>
        <dt>{{ __('Honey in it') }}</dt>
        <dd>~{{ $f->kg($box->seenKg) }}</dd>
        <dt>{{ __('Frames inspected') }}</dt>
        <dd>{{ $box->seen() }} / {{ $box->fitted->framesFitted }}</dd>
      </dl>
    </section>
  @else
    <h2 class="say">
      <x-verdict :of="$box->verdict()"
        size="22" />{{ $say->advice($box->verdict(), $box->nextSlot(), count($box->look->readings)) }}
      @if ($result->waitDays)
        {{ $result->waitDays > 21 ? __('More than three weeks at this pace.') : trans_choice('~:count day.|~:count days.', $result->waitDays) }}
      @endif
    </h2>
    @if ($box->decision)
      <p class="caution">
        <b>{{ $box->decision->comesOff ? __('Your decision: it comes off.') : __('Your decision: it stays.') }}</b>
        {{ $box->decision->note }}
      </p>
    @endif
    @unless ($box->isFresh())
      <section>
        <dl>
          <dt>{{ __('Honey') }} <x-term of="range" /></dt>
          <dd>
            ~{{ $f->kg($box->honey->kg) }}
            <span class="rng">{{ $f->kgBetween(...$result->box->kgRange) }}</span>
          </dd>
          <dt>{{ __('Honey capped') }}</dt>
          <dd>
            ~{{ $f->percent($result->box->cappedShare) }}
            <span class="rng">{{ $f->shareBetween(...$result->box->shareRange) }}</span>
          </dd>
          <dt>{{ __('Water') }}</dt>
          <dd @class(['pres' => !$result->water->measured])>
            {{ $result->water->measured ? '' : '~' }}{{ $f->water($result->water->meanPct) }}
            <span class="rng">{{ $f->spread($result->water->meanPct, $result->water->sdPct) }}</span>
          </dd>
          <dt>{{ __('Ripe by your rule') }} <x-term of="ripe by your rule" /></dt>
          <dd>~{{ $f->percent($result->pPolicyMet) }}</dd>
          @if ($box->isToLookAt())
            <dt>{{ __('In doubt') }} <x-term of="in doubt" /></dt>
            <dd>~{{ $f->kg($box->kgInDoubt()) }}</dd>
          @endif
          <dt>{{ __('To lift') }}</dt>
          <dd>~{{ $f->kg($box->grossKg, 0) }}</dd>
        </dl>
      </section>
    @endunless
    <section>
      <h3>{{ __('Reasons') }}</h3>
      <ul class="reasons">
        @if ($box->look->eyeOffset !== null)
          <li>
            {{ __('The painted faces are corrected for the painter\'s eye (:n points at half capped).', [
                'n' => sprintf('%+.0f', 100 * $box->look->eyeOffset),
            ]) }}
          </li>
        @endif
        @foreach ($result->reasons as $reason)
          <li>{{ $say->statement($reason) }}</li>
        @endforeach
      </ul>
    </section>
    @include('assess.facts')
    @if ($result->next !== null)
      <section>
        <h3>{{ __('What would change the answer') }}</h3>
        <p>
          {{ $box->nextSlot() === null ? __('A refractometer reading would tell you most.') : __('Frame :n would tell you most.', ['n' => $box->nextSlot()]) }}
        </p>
        @if ($box->isSealedUnread())
          <p>{{ __('All of it is capped: you may also decide by the capping alone, below.') }}</p>
        @endif
      </section>
    @endif
    @foreach ($result->cautions as $caution)
      <p class="caution">{{ $say->statement($caution) }}</p>
    @endforeach
    <div class="btns">
      @if ($next)
        <a class="btn go" href="{{ $next->url }}" data-advised>{{ $next->words }} <kbd
            aria-hidden="true">n</kbd></a>
      @endif
    </div>
    @can('record')
      @include('assess.overrule')
    @endcan
  @endif
</div>
