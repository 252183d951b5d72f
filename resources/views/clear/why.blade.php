<div>
  <p class="lab">{{ __('Why: :yard', ['yard' => $apiary->name]) }}</p>
  <h2 class="say">
    <x-mark :glyph="$say->glyph($best->method)" size="22" />
    @if ($best->method->takesTwoVisits())
      {{ __('Boards on :a, lift on :b.', ['a' => $f->weekday($best->visits[0]), 'b' => $f->weekday($best->visits[1])]) }}
    @else
      {{ __(':method on :a.', ['method' => ucfirst($say->method($best->method)), 'a' => $f->weekday($best->visits[0])]) }}
    @endif
  </h2>
</div>
<p>{{ $say->statement($clearing->compared->reason) }}</p>
<section>
  <dl>
    <dt>{{ __('Person-minutes') }} <x-term of="person-minutes" /></dt>
    <dd>~{{ round($best->personMinutes) }}</dd>
    <dt>{{ __('At the yard') }}</dt>
    <dd>~{{ $f->minutes($best->onSiteMinutes) }}</dd>
    <dt>{{ __('Bees left') }}</dt>
    <dd>~{{ $f->nearest($best->beesLeftPerSuper, 5) }} {{ __('per super') }}</dd>
    <dt>{{ __('Heaviest box') }}</dt>
    <dd>~{{ $f->kg($coming->heaviestKg(), 0) }}</dd>
  </dl>
</section>
@foreach ($best->cautions as $caution)
  <p class="caution">{{ $say->statement($caution) }}</p>
@endforeach
