<x-page :title="__('Season desk')" stage="desk">
  @php($tasks = $desk->tasks())
  @php($look = array_sum(array_map(fn ($y) => $y->look, $desk->yards)))
  @php($take = array_sum(array_map(fn ($y) => $y->take, $desk->yards)))
  @php($dry = array_sum(array_map(fn ($y) => $y->dry, $desk->yards)))
  <h1>@if ($look > 0){{ trans_choice('Look at :count super.|Look at :count supers.', $look) }} @endif{{ __(':n are ripe', ['n' => $take]) }}@if ($dry > 0){{ __(' and :n can dry', ['n' => $dry]) }}@endif.</h1>
  <p class="sub">{{ $f->weekday($today) }}. {{ __('Bars: :unit a day on the scale hive, to the ground line. Mauve: planned or proposed.', ['unit' => $f->massUnit()]) }}</p>
  <div class="noscroll-x" tabindex="0" role="region" aria-label="{{ __('Flow and tasks') }}">{!! $drawing !!}</div>
  <x-astable>
    <table class="table"><thead><tr><th>{{ __('Yard') }}</th><th>{{ __('Flow') }}</th><th class="num">{{ __('Ripe') }}</th><th class="num">{{ __('To look at') }}</th><th class="num">{{ __('To feed') }}</th><th>{{ __('Next') }}</th></tr></thead><tbody>
      @foreach ($desk->yards as $one)<tr><td>{{ $one->name }}</td><td>{{ $one->flow }}</td><td class="num">~{{ $f->kg($one->ripeKg, 0) }}</td><td class="num">{{ $one->look }}</td><td class="num">{{ $one->toFeed }}</td><td>{{ collect($one->tasks)->map(fn ($t) => $t->words)->implode('; ') ?: '–' }}</td></tr>@endforeach
    </tbody></table>
  </x-astable>
  <x-slot:why>
    @if ($tasks === [])
      <p class="lab">{{ __('Do next') }}</p><h2 class="say">{{ __('Nothing presses.') }}</h2>
    @else
      @php($names = collect($desk->yards)->pluck('name', 'slug'))
      <div><p class="lab">{{ __('Do next') }}</p><h2 class="say"><x-mark :glyph="$tasks[0]->glyph" size="22"/>{{ $names[$tasks[0]->yard] }}: {{ $tasks[0]->words }}</h2></div>
      <p>{{ $tasks[0]->detail }}@if ($tasks[0]->kg) ~{{ $f->kg($tasks[0]->kg, 0) }}@endif · {{ $f->weekday($today->modify('+'.max(0, $tasks[0]->from).' days')) }}</p>
      <div class="btns"><a class="btn go" href="{{ $tasks[0]->href }}">{{ __('Go there') }}</a></div>
      <section class="then"><h3>{{ __('Then') }}</h3><ol>
        @foreach (array_slice($tasks, 1, 10) as $task)<li><x-mark :glyph="$task->glyph" size="16"/><a href="{{ $task->href }}">{{ $names[$task->yard] }}, {{ $task->words }}</a><span class="soft">{{ $f->day($today->modify('+'.max(0, $task->from).' days')) }}</span></li>@endforeach
      </ol></section>
    @endif
    <section><h3>{{ __('Flow') }}</h3><ul class="facts">
      @foreach ($desk->yards as $one)<li><span>{{ $one->flowDetail === '' ? '–' : $one->flowDetail }}</span><span @class(['pres' => $one->flowPresumed])>{{ $one->name }}: {{ $one->flow }}</span></li>@endforeach</ul>
      <p class="sub">{{ __('kg a day over the last full days; presumed from the nearest scale where in italics') }}</p></section>
    @php($short = array_filter($desk->yards, fn ($y) => $y->toFeed > 0))
    @if ($short !== [])<section><h3>{{ __('Short before winter') }}</h3><p>@foreach ($short as $one){{ $one->name }} {{ trans_choice(':count hive|:count hives', $one->toFeed) }}, ~{{ $f->kg($one->sugarKg, 0) }}@if (! $loop->last); @endif @endforeach {{ __('of sugar. It can wait until the supers are off.') }}</p></section>@endif
  </x-slot:why>
</x-page>
