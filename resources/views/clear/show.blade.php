@php($apiary = $clearing->apiary)
@php($coming = $clearing->coming)
@php($chosen = $clearing->chosen($preferred))
<x-page :title="__('Clear') . ': ' . $apiary->name" stage="clear" :yard="$apiary->slug">
  <div class="hd">
    <h1>{{ $clearing->heading($f) }}</h1>
    <a class="btn small" href="{{ route('frames.yard', $apiary->slug) }}">{{ __('Frame by frame') }}</a>
  </div>
  <x-yard-sum :of="$apiary" />
  <p class="sub">
    @if (!$clearing->isEmpty())
      {{ $f->kgRange($coming->mass()->kg, $coming->mass()->sdKg(), 0) }} ·
      {{ __('~:kg with their boxes, the heaviest ~:one', ['kg' => $f->kg($coming->grossKg(), 0), 'one' => $f->kg($coming->heaviestKg(), 0)]) }}
      ·
    @endif
    {{ trans_choice(':count person|:count people', $crew) }}
    @if ($coming->treatment)
      · {{ __('off by :day', ['day' => $f->weekday($coming->treatment)]) }}
    @endif
    @if ($clearing->compared->presumed)
      · <i>{{ __('no forecast: average climate used') }}</i>
    @endif
  </p>
  @foreach ($coming->clearings as $one)
    <p class="notice">
      <x-mark :glyph="$say->glyph($one->method)" />
      <a class="link" href="{{ route('clear.plan', $one->id) }}">
        {{ __('Planned: :method, :day', ['method' => $say->method($one->method), 'day' => $f->weekday($one->first_on)]) }}</a>
      {{ trans_choice(':count super|:count supers', $one->items->count()) }}, {{ $say->term($one->state) }}
    </p>
  @endforeach
  @if ($clearing->isEmpty() && $coming->clearings === [])
    <p class="empty">
      {{ __('A super comes off when it is ripe and not needed for winter.') }}
      <a class="link" href="{{ route('assess.yard', $apiary->slug) }}">{{ __('Inspect the supers') }}</a>
    </p>
  @elseif (!$clearing->isEmpty())
    <x-drawing.wide :of="$chart" />
    @can('manage')
      <x-form :action="route('clear.plans.store', $apiary->slug)">
        @include('clear.pick')
        <div class="btns blk"><button class="btn go">{{ __('Save this clearing') }}</button>
        </div>
      </x-form>
    @else
      @include('clear.pick')
    @endcan
  @endif
  @include('clear.staying', ['staying' => $clearing->staying()])
  @if ($clearing->withFresh() !== [])
    <p class="sub">
      {{ __('Put on empty a few days ago, and not inspected: :hives.', ['hives' => implode(', ', $clearing->withFresh())]) }}
    </p>
  @endif
  <x-days-ahead :of="$ahead" />
  <x-slot:why>
    @if ($clearing->compared->best() && !$clearing->isEmpty())
      @include('clear.why', ['best' => $clearing->compared->best()])
    @else
      <p class="lab">{{ __('Why') }}</p>
      <h2 class="say">
        @if (!$clearing->isEmpty())
          {{ $say->statement($clearing->compared->reason) }}
        @elseif ($coming->clearings === [])
          {{ __('No super is ripe and free for harvest.') }}
        @else
          {{ __('No other super is ripe and free for harvest.') }}
        @endif
      </h2>
    @endif
    <section>
      <h3>{{ __('Facts used') }}</h3>
      <ul class="reasons">
        <li>
          @if ($clearing->compared->presumed)
            {{ __('no forecast; average climate') }}
          @else
            {{ __('forecast for :n days (:source)', ['n' => count($clearing->compared->forecast), 'source' => __('stand-in service')]) }}
          @endif
        </li>
        <li>{{ $clearing->yard->flow->sentence() }}</li>
      </ul>
    </section>
    <p class="caution">
      {{ __('Heavy boxes: two people or a tilting stand. Smoker and dry grass: have water ready. Carry what your doctor prescribed; do not work alone.') }}
    </p>
  </x-slot:why>
</x-page>
