@php($left = $page->left())
<p class="lab">{{ __('Why') }}</p>
<h2 class="say">{{ __('Total: :minutes of the crew.', ['minutes' => $page->total()]) }}</h2>
<section>
  <dl>
    @foreach ($page->costs() as $words => $minutes)
      <dt>{{ $words }}</dt>
      <dd>{{ $minutes }}</dd>
    @endforeach
  </dl>
</section>
@if ($schedule->question->presumesWeather())
  <p class="caution">
    {{ __('Beyond the forecast, average climate is used, with rain on three days in ten. Plan again when the forecast reaches those days.') }}
  </p>
@endif
@can('manage')
  <div class="btns">
    @if (!$page->state->isRunning())
      <x-form :action="route('clear.rounds.again', $schedule->id)">
        <button class="btn">{{ $schedule->locks === [] ? __('Search again') : __('Plan the rest again') }}</button>
      </x-form>
      @if (!$page->isInUse())
        <x-form :action="route('clear.rounds.again', $schedule->id)">
          <x-hidden :of="['afresh' => 1]" />
          <button class="btn">{{ __('Plan as of today') }}</button>
        </x-form>
        @if ($page->state->plan->visits !== [])
          <x-form :action="route('clear.rounds.use', $schedule->id)">
            <button class="btn go">{{ __('Use this schedule') }}</button>
          </x-form>
        @endif
      @endif
    @endif
  </div>
@endcan
<section>
  <h3>{{ __('Dates') }}</h3>
  <ul class="reasons">
    @foreach ($schedule->question->yards as $yard)
      <li><b>{{ $yard->name }}</b>: {{ $page->when($yard) }}</li>
    @endforeach
  </ul>
  @if ($left !== [])
    <x-disclosure :summary="__('Supers not included')">
      <ul class="reasons">
        @foreach ($left as $sentence)
          <li>{{ $sentence }}</li>
        @endforeach
      </ul>
    </x-disclosure>
  @endif
  <p class="sub">{{ $page->askedOn() }}</p>
</section>
@if ($page->isInUse())
  <section>
    <p><a class="link" href="{{ route('clear.rounds.calendar', $schedule->id) }}">{{ __('Into the calendar') }}</a>
    </p>
    <h3>{{ __('Sheets of the yards') }}</h3>
    <ul class="then">
      @foreach ($schedule->clearings as $clearing)
        <li>
          <x-mark :glyph="$say->glyph($clearing->method)" size="16" />
          <a href="{{ route('clear.plan', $clearing->id) }}">{{ $page->nameOf($clearing) }}</a>
          <span class="soft">{{ $f->day($clearing->first_on) }}</span>
        </li>
      @endforeach
    </ul>
  </section>
@endif
<p class="caution">{{ __('No board stays more than three nights. Heavy boxes: two people or a tilting stand.') }}</p>
