<x-page :title="__('Clear')" stage="clear">
  @php($n = array_sum(array_map(fn ($c) => count($c->supers()), $clearings)))
  @php($plans = collect($clearings)->flatMap(fn ($c) => $c->plans))
  <h1>{{ $n > 0 ? trans_choice(':count super to come off|:count supers to come off', $n) : __('Nothing to come off now') }}</h1>
  <p><a class="link" href="{{ route('clear.rounds.index') }}">{{ __('Plan the rounds over all yards') }}</a></p>
  @if ($clearings === [])<p class="empty">{{ __('There is no yard yet.') }} <a class="link" href="{{ route('yards.index') }}">{{ __('Draw the first one') }}</a></p>@endif
  @foreach ($clearings as $clearing)
    <section class="blk"><div class="hd"><h2><a href="{{ route('clear.yard', $clearing->yard->apiary->slug) }}">{{ $clearing->yard->apiary->name }}</a></h2>
      <span class="sub">{{ trans_choice(':count super|:count supers', count($clearing->supers())) }}@if ($clearing->kg() > 0), ~{{ $f->kg($clearing->kg(), 0) }} {{ $f->kgRange($clearing->kg(), $clearing->sdKg(), 0) }}@endif @if ($clearing->offBy) · {{ __('off by :day', ['day' => $f->day($clearing->offBy)]) }}@endif</span></div>
      @foreach ($clearing->plans as $plan)<p><x-mark :glyph="App\Wording\MethodNames::glyph($plan->method)"/><a class="link" href="{{ route('clear.plan', $plan->id) }}">{{ App\Wording\MethodNames::word($plan->method) }}, {{ $f->weekday($plan->first_on) }}@if ($plan->second_on) – {{ $f->weekday($plan->second_on) }}@endif</a>, {{ trans_choice(':count super|:count supers', $plan->items->count()) }}, {{ __($plan->state) }}</p>@endforeach
      @if ($clearing->supers() !== []){!! $chart->svg($clearing->methods, $clearing->forecast, $f, $clearing->offBy) !!}@else<p class="sub">{{ __('None is ripe and free of the winter share.') }}</p>@endif</section>
  @endforeach
  @include('clear.after')
  <x-slot:why><p class="lab">{{ __('Why') }}</p><h2 class="say">{{ __('What is ripe and not needed for winter comes off.') }}</h2>
    @if ($plans->isNotEmpty())<section><h3>{{ __('Boards out') }}</h3><ul class="facts">@foreach ($plans->where('state', 'placed') as $plan)<li><span>{{ $f->day($plan->first_on) }}</span><span>{{ $plan->items->pluck('hive_id')->unique()->count() }} {{ __('boards') }}</span></li>@endforeach</ul>@if ($plans->where('state', 'placed')->isEmpty())<p class="sub">{{ __('none') }}</p>@endif</section>@endif
    <p class="caution">{{ __('Heavy boxes: two people or a tilting stand. Smoker and dry grass. Robbing once begun is hard to stop.') }}</p></x-slot:why>
</x-page>
