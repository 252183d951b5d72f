<x-page :title="__('Clear').': '.$clearing->yard->apiary->name" stage="clear" :yard="$clearing->yard->apiary->slug">
  @php($best = $clearing->methods[0] ?? null)
  @php($chosen = $preferred !== 'choose' && $clearing->method($preferred)?->feasible() ? $clearing->method($preferred) : $best)
  <h1>{{ $clearing->supers() === [] ? __('Nothing to come off at :yard', ['yard' => $clearing->yard->apiary->name]) : trans_choice(':yard: :count super, ~:kg|:yard: :count supers, ~:kg', count($clearing->supers()), ['yard' => $clearing->yard->apiary->name, 'kg' => $f->kg($clearing->kg(), 0)]) }}</h1>
  <p class="sub">@if ($clearing->kg() > 0){{ $f->kgRange($clearing->kg(), $clearing->sdKg(), 0) }} · {{ __('~:kg with their boxes, the heaviest ~:one', ['kg' => $f->kg($clearing->grossKg(), 0), 'one' => $f->kg($clearing->heaviestKg(), 0)]) }} · @endif {{ trans_choice(':count person|:count people', $crew) }}@if ($clearing->offBy) · {{ __('off by :day', ['day' => $f->weekday($clearing->offBy)]) }}@endif @if ($clearing->forecastPresumed) · <i>{{ __('no forecast: climate means presumed') }}</i>@endif</p>
  @foreach ($clearing->plans as $plan)<p class="notice"><x-mark :glyph="App\Clear\Methods::glyph($plan->method)"/><a class="link" href="{{ route('clear.plan', $plan->id) }}">{{ __('Planned: :method, :day', ['method' => App\Clear\Methods::word($plan->method), 'day' => $f->weekday($plan->first_on)]) }}</a> {{ trans_choice(':count super|:count supers', $plan->items->count()) }}, {{ __($plan->state) }}</p>@endforeach
  @if ($clearing->supers() === [])
    <p class="empty">{{ __('A super comes off when it is ripe and not needed for winter.') }} <a class="link" href="{{ route('assess.yard', $clearing->yard->apiary->slug) }}">{{ __('Look at the supers') }}</a></p>
  @else
  {!! $chart->svg($clearing->methods, $clearing->forecast, $f, $clearing->offBy) !!}
  <x-form :action="route('clear.plans.store', $clearing->yard->apiary->slug)">
    <fieldset class="blk"><legend>{{ __('What comes off') }}</legend><div class="pick">
      @foreach ($clearing->coming as $code => $boxes)@foreach (array_reverse($boxes) as $box)@php($lift = $clearing->lifts[$box->box->id])
        <label><input type="checkbox" name="boxes[]" value="{{ $box->box->id }}" @checked(old('boxes') === null || in_array($box->box->id, (array) old('boxes'), true))><span><b>{{ $code }}</b> {{ $box->name() }} <x-mark :glyph="$box->mark()" size="14"/><br><span class="sub">~{{ $f->kg($box->honey->grossKg, 0) }}, {{ __('index') }} {{ is_finite($lift->index) ? number_format($lift->index, 1) : '∞' }}: {{ __($lift->advice()->value) }}</span></span></label>@endforeach @endforeach</div></fieldset>
    <fieldset class="blk"><legend>{{ __('How') }}</legend><div class="pick">
      @foreach ($clearing->methods as $method)<label><input type="radio" name="method" value="{{ $method->method->value }}" @checked(old('method', $chosen?->method->value) === $method->method->value) @disabled(! $method->feasible())><span><b><x-mark :glyph="App\Clear\Methods::glyph($method->method->value)"/>{{ App\Clear\Methods::word($method->method->value) }}</b><br><span class="sub">@if ($method->feasible()){{ collect($method->visits)->map(fn ($d) => $f->weekday($d))->implode(', ') }}; {{ $f->minutes($method->personMinutes) }}; {{ __('~:n bees a super', ['n' => round($method->beesLeftPerSuper / 5) * 5]) }}; {{ __('robbing: :risk', ['risk' => __($method->robbingRisk)]) }}@else<i>{{ __($method->refusal) }}</i>@endif</span></span></label>@endforeach</div></fieldset>
    @can('manage')<div class="btns blk"><button class="btn go">{{ __('Keep this plan') }}</button></div>@endcan
  </x-form>
  @endif
  @php($staying = $clearing->staying())
  @if ($staying !== [])<details class="astable blk"><summary>{{ trans_choice('{1} :count super stays: why, and where to overrule it|[2,*] :count supers stay: why, and where to overrule it', array_sum(array_map(count(...), $staying))) }}</summary><ul class="facts">
    @foreach ($staying as $code => $boxes)@foreach (array_reverse($boxes) as $box)@php($winter = $box->comesOff())<li><span><b>{{ $code }}</b> {{ $box->name() }}</span><span><x-mark :glyph="$box->mark()" size="14"/> {{ $winter ? __('ripe, and kept for winter') : ($box->decision?->choice === 'stay' ? __('stays by your decision') : mb_strtolower(App\Assess\Marks::word($box->verdict()))) }}@if ($box->ripeness->waitDays), {{ $box->ripeness->waitDays > 21 ? __('more than three weeks at this pace') : trans_choice('~:count day|~:count days', $box->ripeness->waitDays) }}@endif · <a class="link" href="{{ $winter ? route('winter.hive', [$clearing->yard->apiary->slug, $code]) : route('assess.hive', [$clearing->yard->apiary->slug, $code]) }}">{{ $winter ? __('Winter share') : __('Assess') }}<span class="sr"> {{ $code }} {{ $box->name() }}</span></a></span></li>@endforeach @endforeach</ul></details>@endif
  @include('clear.weather', ['apiary' => $clearing->yard->apiary])
  <x-slot:why>
    @if ($best && $best->feasible() && $clearing->supers() !== [])
    <div><p class="lab">{{ __('Why: :yard', ['yard' => $clearing->yard->apiary->name]) }}</p><h2 class="say"><x-mark :glyph="App\Clear\Methods::glyph($best->method->value)" size="22"/>{{ $best->method->value === 'escape-board' ? __('Boards on :a, lift on :b.', ['a' => $f->weekday($best->visits[0]), 'b' => $f->weekday($best->visits[1])]) : __(':method on :a.', ['method' => ucfirst(App\Clear\Methods::word($best->method->value)), 'a' => $f->weekday($best->visits[0])]) }}</h2></div>
    <p>{{ __($clearing->reason) }}</p>
    <section><dl><dt>{{ __('Person-minutes') }}</dt><dd>~{{ round($best->personMinutes) }}</dd><dt>{{ __('At the yard') }}</dt><dd>~{{ $f->minutes($best->onSiteMinutes) }}</dd><dt>{{ __('Bees left') }}</dt><dd>~{{ round($best->beesLeftPerSuper / 5) * 5 }} {{ __('a super') }}</dd><dt>{{ __('Heaviest box') }}</dt><dd>~{{ $f->kg($clearing->heaviestKg(), 0) }}</dd></dl></section>
    @foreach ($best->cautions as $caution)<p class="caution">{{ __($caution) }}</p>@endforeach
    @else<p class="lab">{{ __('Why') }}</p><h2 class="say">{{ $clearing->supers() === [] ? __('Nothing is ripe and to spare.') : __($clearing->reason) }}</h2>@endif
    <section><h3>{{ __('Facts used') }}</h3><ul class="reasons"><li>{{ $clearing->forecastPresumed ? __('no forecast; climate means') : __('forecast for :n days (:source)', ['n' => count($clearing->forecast), 'source' => __('stand-in service')]) }}</li><li>{{ $clearing->yard->flow->sentence() }}</li></ul></section>
    <p class="caution">{{ __('Heavy boxes: two people or a tilting stand. Smoker and dry grass: water at hand. Carry what your doctor prescribed; do not work alone.') }}</p>
  </x-slot:why>
</x-page>
