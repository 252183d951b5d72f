@php($r = $box->ripeness)
<div class="why-inner">
@if (! $box->isSuper())
  <p class="lab">{{ __('Why: :hive, :box', ['hive' => $code, 'box' => $box->name()]) }}</p><h2 class="say">{{ __('A brood box stays.') }}</h2>
  <section><dl><dt>{{ __('Honey in it') }}</dt><dd>~{{ $f->kg($box->honey->seenKg) }}</dd><dt>{{ __('Frames seen') }}</dt><dd>{{ $box->seen() }} / {{ $box->fitted->framesFitted }}</dd></dl></section>
@else
  <p class="lab">{{ __('Why: :hive, :box', ['hive' => $code, 'box' => $box->name()]) }}</p>
  <h2 class="say"><x-mark :glyph="$box->mark()" size="22"/>{{ App\YardState\Marks::sentence($box->verdict()) }}@if ($r->waitDays) {{ $r->waitDays > 21 ? __('At this pace more than three weeks.') : trans_choice('~:count day.|~:count days.', $r->waitDays) }}@endif</h2>
  @if ($box->decision)<p class="caution"><b>{{ $box->decision->choice === 'take' ? __('Overruled: it comes off.') : __('Overruled: it stays.') }}</b> {{ $box->decision->note }}</p>@endif
  <section><dl>
    <dt>{{ __('Honey') }}</dt><dd>~{{ $f->kg($box->honey->honeyKg) }} <span class="rng">{{ $f->kgRange($box->honey->honeyKg, $box->honey->sdKg) }}</span></dd>
    <dt>{{ __('Capped') }}</dt><dd>~{{ $f->percent($r->box->cappedShare) }} <span class="rng">{{ $r->box->cappedShare === null ? '' : $f->range(100 * max(0, $r->box->cappedShare - 1.28 * $r->box->sd), 100 * min(1, $r->box->cappedShare + 1.28 * $r->box->sd), 0) }}</span></dd>
    <dt>{{ __('Water') }}</dt><dd @class(['pres' => ! $r->water->measured])>{{ $r->water->measured ? '' : '~' }}{{ $f->water($r->water->meanPct) }} <span class="rng">{{ $f->range($r->water->meanPct - 1.28 * $r->water->sdPct, $r->water->meanPct + 1.28 * $r->water->sdPct) }}</span></dd>
    <dt>{{ __('Policy met') }}</dt><dd>~{{ $f->percent($r->pPolicyMet) }}</dd>
    @if ($box->verdict() === Marjoram\Core\Ripeness\Verdict::Look)<dt>{{ __('In doubt') }}</dt><dd>~{{ $f->kg($box->kgInDoubt()) }}</dd>@endif
    <dt>{{ __('To lift') }}</dt><dd>~{{ $f->kg($box->honey->grossKg, 0) }}</dd></dl></section>
  <section><h3>{{ __('Reasons') }}</h3><ul class="reasons">@if ($box->look->latest?->eye)<li>{{ __('The capped shares are corrected for the eye of whoever looked (:n points at one half).', ['n' => sprintf('%+.0f', 100 * $box->look->latest->eye['offset'])]) }}</li>@endif @foreach ($r->reasons as [$reason, $figures])<li>{{ vsprintf(__($reason->value), $figures) }}</li>@endforeach</ul></section>
  <section><h3>{{ __('Facts used') }}</h3><ul class="facts">
    @if ($box->look->latest)<li><span>{{ $f->day($box->look->latest->looked_at) }}</span><span>{{ __(':n of :all frames seen', ['n' => $box->seen(), 'all' => $box->fitted->framesFitted]) }}@if ($box->look->latest->shake), {{ $box->look->latest->shake === 'passed' ? __('shake passed') : __('shake failed') }}@endif</span></li>@else<li><span>–</span><i>{{ __('nobody has looked; all is presumed') }}</i></li>@endif
    @foreach ($box->look->readings as $reading)<li><span>{{ $f->day($reading->read_at) }}</span><span>{{ __('refractometer :value', ['value' => rtrim(rtrim(number_format($reading->value, 4), '0'), '.')]) }}</span></li>@endforeach
    @if ($box->look->lastCappedShare !== null)<li><span>{{ __('before') }}</span><span>{{ __(':p of the honey capped, :n days earlier', ['p' => $f->percent($box->look->lastCappedShare), 'n' => round($box->look->daysSinceLast)]) }}</span></li>@endif</ul></section>
  @if ($r->lookNext !== null)<section><h3>{{ __('What would change it') }}</h3><p>{{ $r->lookNext === 'reading' ? __('A refractometer reading would tell most.') : __('Frame :n would tell most.', ['n' => $r->lookNext]) }}</p></section>@endif
  @foreach ($r->cautions as $caution)<p class="caution">{{ __($caution) }}</p>@endforeach
  <div class="btns">@if ($next)<a class="btn go" href="{{ $next->url }}" data-advised>{{ $next->words }} <kbd aria-hidden="true">n</kbd></a>@endif</div>
  @can('record')
  @if ($box->decision)@can('manage')<x-form :action="route('assess.decisions.destroy', $box->decision->id)" method="delete"><button class="btn small">{{ __('Let the verdict stand again') }}</button></x-form>@endcan @else
  <details class="astable" @if ($errors->has('note')) open @endif><summary>{{ __('Overrule') }}</summary>
    <x-form :action="route('assess.decisions.store', $box->box->id)" class="narrow">
      <x-field name="choice" :label="__('It')" :value="$box->comesOff() ? 'stay' : 'take'" :options="['take' => __('comes off'), 'stay' => __('stays on the hive')]"/>
      <x-field name="note" :label="__('Because')" maxlength="500" required/><button class="btn">{{ __('Overrule') }}</button></x-form></details>@endif
  @endcan
@endif
</div>
