<x-page :title="__('Season :year', ['year' => $page->now->season])" stage="desk">
  <h1>{{ $page->now->sentence() }}</h1>
  @if ($page->now->isClosed)
    <p class="sub">
      {{ __('Supers that are still on the hives are winter stores. Nothing is asked of them until the next season.') }}
    </p>
    @can('manage')
      <x-form :action="route('season.open', $page->now->season)" method="delete">
        <button class="btn">{{ __('Open the season again') }}</button>
      </x-form>
    @endcan
  @endif
  @if ($page->closing !== null)
    @include('yards.season.close')
  @endif
  @if ($page->mayBegin())
    @include('yards.season.begin')
  @endif
  <x-slot:why>
    <div>
      <p class="lab">{{ __('Why') }}</p>
      <h2 class="say">{{ __('A season begins and ends once a year.') }}</h2>
    </div>
    <p>{{ __('After you close it, nothing of it is a task, an inspection or a verdict. The records stay.') }}</p>
    <p>{{ __('What the hives gave is final then, and queens are compared by it.') }}</p>
    <p>{{ __('A season that nobody begins starts automatically 30 days after the first flow of your policy.') }}
      <a class="link" href="{{ route('account.policy') }}">{{ __('Policy') }}</a>
    </p>
  </x-slot:why>
</x-page>
