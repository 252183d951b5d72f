<x-page :title="__('Clear')" stage="clear">
  <h1>
    @if ($page->supers() > 0)
      {{ trans_choice(':count super to come off|:count supers to come off', $page->supers()) }}
    @elseif ($page->planned() > 0)
      {{ trans_choice(':count super is planned to come in|:count supers are planned to come in', $page->planned()) }}
    @else
      {{ __('Nothing to come off now') }}
    @endif
  </h1>
  <p><a class="link" href="{{ route('clear.rounds.index') }}">{{ __('Plan a schedule over all yards') }}</a></p>
  @if ($page->yards === [])
    <p class="empty">
      {{ __('You have no yard yet.') }}
      <a class="link" href="{{ route('yards.index') }}">{{ __('Set up the first yard') }}</a>
    </p>
  @endif
  @foreach ($page->yards as $clearing)
    <section class="blk">
      <div class="hd">
        <h2><a href="{{ route('clear.yard', $clearing->apiary->slug) }}">{{ $clearing->apiary->name }}</a></h2>
        <span class="sub">{{ trans_choice(':count super|:count supers', count($clearing->coming->supers())) }}
          @if (!$clearing->isEmpty())
            · <x-mass :of="$clearing->coming->mass()" />
          @endif
          @if ($clearing->coming->treatment)
            · {{ __('off by :day', ['day' => $f->day($clearing->coming->treatment)]) }}
          @endif
        </span>
      </div>
      @foreach ($clearing->coming->clearings as $one)
        <p>
          <x-mark :glyph="$say->glyph($one->method)" />
          <a class="link" href="{{ route('clear.plan', $one->id) }}">{{ $say->method($one->method) }},
            {{ $f->weekday($one->first_on) }}@if ($one->second_on)
              – {{ $f->weekday($one->second_on) }}
            @endif
          </a>,
          {{ trans_choice(':count super|:count supers', $one->items->count()) }}, {{ $say->term($one->state) }} ·
          <a class="link"
            href="{{ route('clear.day', $one->inOn()->format('Y-m-d')) }}">{{ __('the day\'s sheet') }}</a>
        </p>
      @endforeach
      @if ($clearing->isEmpty())
        <p class="sub">
          {{ $clearing->coming->clearings === [] ? __('No super is ripe and free for harvest.') : __('All ripe supers are planned already.') }}
        </p>
      @else
        <x-drawing.wide :of="$page->chart($clearing)" :name="$clearing->apiary->name" />
      @endif
    </section>
  @endforeach
  @include('clear.after')
  <x-slot:why>
    <p class="lab">{{ __('Why') }}</p>
    <h2 class="say">{{ __('Ripe and not needed for winter') }}</h2>
    @if ($page->hasClearings())
      <section>
        <h3>{{ __('Boards out') }}</h3>
        <ul class="facts">
          @foreach ($page->placed() as $one)
            <li>
              <span>{{ $f->day($one->first_on) }}</span>
              <span>{{ $one->items->pluck('hive_id')->unique()->count() }} {{ __('boards') }}</span>
            </li>
          @endforeach
        </ul>
        @if ($page->placed() === [])
          <p class="sub">{{ __('none') }}</p>
        @endif
      </section>
    @endif
    <p class="caution">
      {{ __('Heavy boxes: two people or a tilting stand. Smokers and dry grass: fire. Robbing is hard to stop.') }}
    </p>
  </x-slot:why>
</x-page>
