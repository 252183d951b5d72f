@php($schedules = $page->schedules())
@php($boardsOut = $page->boardsOut())
<x-page :title="__('Schedules')" stage="clear">
  <div class="hd">
    <h1>{{ __('Schedules over all yards') }}</h1>
    <span class="sub"><a href="{{ route('clear.index') }}">{{ __('yard by yard') }}</a></span>
  </div>
  <p class="sub">
    {{ __('Which yard on which day, by which method and drive, with your crew, boards, truck and honey room.') }}
    {{ __('You can compare several schedules.') }}
  </p>
  <x-mend />
  @if ($schedules === [])
    <p class="empty">
      {{ __('No schedule yet.') }}
      @can('manage')
        {{ __('Enter your working time per day, then search a schedule.') }}
      @endcan
    </p>
  @else
    <x-table
      class="stack"
      :head="[__('Schedule'), __('In all'), __('Driving'), __('Work'), __('Late, rain, robbing'), __('Not served')]"
      num="2 3 4 5 6"
      acts
    >
      @foreach ($schedules as $state)
        <tr>
          <td>
            <a href="{{ route('clear.rounds.show', $state->schedule->id) }}">{{ $state->schedule->name }}</a>
            @if ($page->isBroken($state))
              <b class="danger">{{ $say->refusal($state->reason) }}</b>
            @elseif ($state->isRunning())
              <i>{{ __('searching') }}</i>
            @elseif ($state->hasFailed())
              <b class="danger">{{ __('the search failed') }}</b>
            @elseif (!$state->plan->isFeasible())
              <b class="danger">{{ __('breaks a limit') }}</b>
            @endif
            @if ($state->schedule->clearings_count > 0)
              <b>({{ __('in use') }})</b>
            @endif
          </td>
          @foreach ($page->figures($state, $f) as $label => $value)
            <td class="num" data-label="{{ $label }}">{{ $value }}</td>
          @endforeach
          <td>
            @can('manage')
              <x-remove :action="route('clear.rounds.destroy', $state->schedule->id)" :of="$state->schedule->name" />
            @endcan
          </td>
        </tr>
      @endforeach
    </x-table>
  @endif
  @can('manage')
    <x-disclosure :summary="__('Enter the weather of a day')">
      <x-enter-weather />
    </x-disclosure>
    <div class="btns blk">
      <a class="btn go" href="{{ route('clear.rounds.create') }}">{{ __('A new schedule') }}</a>
      <a class="btn" href="{{ route('clear.drives') }}">{{ __('Drives') }}</a>
    </div>
  @endcan
  @if ($boardsOut !== [])
    <section class="blk">
      <h2>{{ __('Boards out') }}</h2>
      <ul>
        @foreach ($boardsOut as $one)
          <li>
            <a class="link"
              href="{{ route('clear.plan', $one->clearing->id) }}">{{ $one->clearing->apiary->name }}</a>:
            {{ trans_choice('{1} :count board|[2,*] :count boards', $one->boards) }},
            {{ __('since :day, :n nights', ['day' => $f->day($one->clearing->first_on), 'n' => $one->nights]) }}
            @if ($one->areTooLong())
              <b class="danger">{{ __('fetch the boards: no board stays more than three nights') }}</b>
            @endif
          </li>
        @endforeach
      </ul>
    </section>
  @endif
  <section class="blk" id="calendar">
    <h2>{{ __('In your calendar') }}</h2>
    <p><a class="link" href="{{ route('clear.calendar') }}">{{ __('Download all open visits (iCalendar)') }}</a></p>
    @if (session('calendar'))
      <p class="notice" role="status">
        <span>{{ __('Your calendar can read:') }} <code>{{ session('calendar') }}</code></span>
      </p>
    @endif
    @foreach ($page->links() as $link)
      <p>
        {{ $link->name }}
        @can('manage')
          <x-remove :action="route('clear.calendar.destroy', $link->id)" :of="$link->name" :words="__('remove the address')" />
        @endcan
      </p>
    @endforeach
    @can('manage')
      <x-form :action="route('clear.calendar.store')" class="flex gap-3 items-end mt-4 mb-3 max-w-115">
        <x-field
          name="name"
          id="calendar-name"
          :label="__('Name of the address')"
          :hint="__('such as my phone')"
          maxlength="60"
          required
        />
        <button class="btn">{{ __('Create the address') }}</button>
      </x-form>
    @endcan
  </section>
  <x-slot:why>
    <p class="lab">{{ __('Why') }}</p>
    <h2 class="say">{{ __('One sum: minutes of the crew') }}</h2>
    <p>
      {{ __('Driving and work count in minutes. Late treatments, rain, robbing and skipped yards add minutes.') }}
      {{ __('A lower sum is a better schedule.') }}
    </p>
    <p class="caution">{{ __('Stings and allergy: carry what your doctor prescribed; do not work alone.') }}</p>
  </x-slot:why>
</x-page>
