@php($sketch = $page->sketch())
@php($schedule = $page->schedule())
<div id="round-board"
  @if ($page->state->isRunning()) hx-get="{{ route('clear.rounds.show', $schedule->id) }}"
    hx-trigger="every 1s"
    hx-swap="outerHTML"
    hx-push-url="false" @endif
>
  @if ($page->state->isRunning())
    <div class="notice" role="status">
      <span>{{ $page->searching() }}</span>
      @can('manage')
        <x-form :action="route('clear.rounds.stop', $schedule->id)" method="put">
          <button class="btn small">{{ __('Stop the search') }}</button>
        </x-form>
      @endcan
    </div>
  @elseif ($page->state->hasFailed())
    <p class="caution">
      {{ __('The search has failed. The earlier schedule is still valid.') }} {{ $page->state->failure() }}
    </p>
  @endif
  @foreach ($page->state->plan->broken as $one)
    <p class="caution"><b>{{ $f->weekday($one->day) }}</b>: {{ $page->broken($one) }}</p>
  @endforeach
  @if ($page->state->shortfalls !== [])
    <section class="blk">
      <h2>{{ __('What does not fit, and what would help') }}</h2>
      <ul>
        @foreach ($page->state->shortfalls as $one)
          <li>
            {{ $page->shortfall($one) }}
            @if ($one->visit !== null)
              @can('manage')
                <x-form :action="route('clear.rounds.move', $schedule->id)" method="put" class="inline">
                  <x-hidden :of="$page->fieldsOf($one->visit)" />
                  <button class="btn small">{{ __('Use this change') }}<span class="sr">
                      {{ $page->shortfall($one) }}</span></button>
                </x-form>
              @endcan
            @endif
          </li>
        @endforeach
      </ul>
    </section>
  @endif
  <div class="noscroll-x">
    <x-drawing.wide :of="$page->picture()" />
  </div>
  <div class="cols2 blk">
    <div>
      @if ($sketch !== null)
        <x-drawing.wide :of="$sketch" />
      @endif
    </div>
    <div>
      @if ($page->day !== null)
        <h2>{{ $f->weekday($page->day->date) }}</h2>
        <ol class="my-1 pl-5 list-decimal">
          @foreach ($page->state->drive($page->day) as $stop)
            <li>{{ $page->stop(...$stop) }}</li>
          @endforeach
        </ol>
        @if ($page->isInUse())
          <p>
            <a class="link"
              href="{{ route('clear.day', $page->day->date->format('Y-m-d')) }}">{{ __('The sheet for this day') }}</a>
          </p>
        @endif
        <p class="sub">{{ $page->spent($page->day) }}</p>
      @else
        <p class="empty">{{ __('No drive yet.') }}</p>
      @endif
    </div>
  </div>
  <x-astable>
    <x-table :head="[__('Yard'), __('Method'), __('Boards on'), __('Supers in'), __('Hives'), __('Supers')]" num="6">
      @foreach ($page->state->plan->visits as $i => $visit)
        <tr>
          <td>{{ $schedule->question->nameOf($visit->yard) }}</td>
          <td>{{ $say->method($visit->method) }}</td>
          <td>{{ $visit->places() ? $f->weekday($visit->first) : '–' }}</td>
          <td>{{ $f->weekday($visit->last) }}</td>
          <td>{{ $page->hives($i) }}</td>
          <td class="num">{{ $page->state->supersOf($i) }}</td>
        </tr>
      @endforeach
    </x-table>
  </x-astable>
</div>
