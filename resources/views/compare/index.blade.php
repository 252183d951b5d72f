<x-page :title="__('Compare')" stage="compare" :yard="$yard">
  @php($total = $rows->sum(fn ($r) => $r->kg($season))) @php($producing = $rows->filter(fn ($r) => $r->kg($season) > 0)->count())
  <div class="hd"><h1>{{ $rows->isEmpty() ? __('No harvest yet') : __(':kg, :mean a producing hive', ['kg' => $f->kg($total, 0), 'mean' => $f->kg($producing > 0 ? $total / $producing : 0, 0)]) }}</h1>
    <nav class="btns" aria-label="{{ __('Season') }}">@foreach ($seasons as $year)<a class="btn small" href="{{ route('compare.index', array_filter(['season' => $year, 'yard' => $yard, 'sort' => $sort === 'hive' ? null : $sort])) }}" @if ($year === $season) aria-current="true" @endif>{{ $year }}</a>@endforeach</nav></div>
  @if ($rows->isEmpty())<p class="empty">{{ __('When the first lot is weighed, each hive stands here next to its neighbours.') }} <a class="link" href="{{ route('honey-room.index') }}">{{ __('To the honey room') }}</a></p>@else
  <p class="sub">{{ __('Each hive\'s seasons, oldest left; a box for each super, :year filled dark. Dashed line: mean of the yard\'s producing hives in :year.', ['year' => $season]) }}</p>
  @php($years = $seasons->sort()->take(-5)->values()->all())
  @foreach ($rows->groupBy('yard') as $name => $of)
    <section class="blk"><div class="hd"><h2>{{ $name }}</h2>@if ($y = $yards->get($name))<span class="sub">{{ $f->kg($y->totalKg, 0) }} · {{ __(':kg a producing hive', ['kg' => $f->kg($y->meanProducingKg, 0)]) }}@if ($y->changeKg !== null) ({{ $y->changeKg >= 0 ? '+' : '−' }}{{ $f->kg(abs($y->changeKg), 0) }} {{ __('to the season before') }})@endif · {{ __(':p of the crop', ['p' => $f->percent($y->shareOfCrop)]) }} · {{ __('best :a, least :b', ['a' => $y->best, 'b' => $y->worst]) }}</span>@endif</div>
      {!! $chart->svg($of, $years, $yards->get($name), $f, $season, $open?->hive, fn ($row) => route('compare.index', array_filter(['season' => $season, 'yard' => $many ? $row->slug : $yard, 'hive' => $many ? null : $row->hive]))) !!}</section>
  @endforeach
  <x-astable :csv="route('compare.csv')" :open="$sort !== 'hive'"><table class="table"><thead><tr>
    @foreach (['hive' => __('Hive'), 'kg' => (string) $season, 'change' => __('to :year', ['year' => $season - 1]), 'index' => __('next to neighbours, a season')] as $key => $words)<th @class(['num' => $key !== 'hive']) @if ($sort === $key) aria-sort="descending" @endif><a href="{{ route('compare.index', array_filter(['season' => $season, 'yard' => $yard, 'sort' => $key])) }}">{{ $words }}</a></th>@endforeach
    @foreach (array_reverse(array_diff($years, [$season])) as $year)<th class="num">{{ $year }}</th>@endforeach<th>{{ __('Queen') }}</th></tr></thead><tbody>
    @foreach ($rows as $row)<tr><td><a href="{{ route('compare.index', array_filter(['season' => $season, 'yard' => $many ? $row->slug : $yard, 'hive' => $many ? null : $row->hive, 'sort' => $sort])) }}">{{ $row->hive }}</a></td><td class="num">{{ $f->kg($row->kg($season)) }}</td><td class="num">{{ $f->kg($row->kg($season) - $row->kg($season - 1)) }}</td><td class="num">{{ $f->kg($row->indexKg) }}</td>
      @foreach (array_reverse(array_diff($years, [$season])) as $year)<td class="num">{{ isset($row->seasons[$year]) ? $f->kg($row->kg($year)) : '–' }}</td>@endforeach<td>{{ collect($row->seasons[$season]['queens'] ?? [])->last() ?? '–' }}</td></tr>@endforeach</tbody></table></x-astable>
  @endif
  <x-slot:why>
    @if ($open)
      <div><p class="lab">{{ __('Why: :hive', ['hive' => $open->hive]) }}</p><h2 class="say">{{ $open->indexKg >= 0 ? __(':kg a season above its neighbours.', ['kg' => $f->kg($open->indexKg)]) : __(':kg a season below its neighbours.', ['kg' => $f->kg(-$open->indexKg)]) }}</h2></div>
      <section><dl>@foreach (array_reverse($open->seasons, true) as $year => $one)<dt>{{ $year }}</dt><dd>{{ $one['weighed'] ? '' : '~' }}{{ $f->kg($one['kg']) }} <span class="rng">{{ $f->kgRange($one['kg'], $one['sd']) }}</span></dd>@endforeach</dl></section>
      <section><h3>{{ __('Facts used') }}</h3><ul class="facts">@foreach (array_reverse($open->seasons, true) as $year => $one)<li><span>{{ $year }}</span><span>{{ trans_choice(':count super|:count supers', $one['supers']) }}, {{ implode(', ', array_unique($one['queens'])) ?: __('queen unknown') }}</span></li>@endforeach</ul></section>
    @else
      <div><p class="lab">{{ __('Why') }}</p><h2 class="say">{{ __('Each hive next to its neighbours under the same sky.') }}</h2></div>
      @if ($lines->isNotEmpty())<section><h3>{{ __('Queen lines') }}</h3><dl>@foreach ($lines as $line => $one)<dt>{{ $line }} <span class="soft">({{ trans_choice(':count queen|:count queens', $one['n']) }})</span></dt><dd>{{ $f->kg($one['kg']) }} <span class="rng">{{ __('a season') }}</span></dd>@endforeach</dl><p class="sub">{{ __('plain means; not yet freed of yard and year') }}</p></section>@endif
    @endif
    <section><h3>{{ __('How') }}</h3><p>{{ __('Kilograms are what the buckets weighed, allotted to hives; until a lot is weighed the estimate stands, hatched. The index is the mean difference to the yard\'s mean in the same seasons.') }}</p></section>
    <div class="btns"><a class="btn" href="{{ route('compare.csv') }}">{{ __('Download as CSV') }}</a></div></x-slot:why>
</x-page>
