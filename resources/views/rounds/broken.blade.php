<x-page :title="$broken->schedule->name" stage="clear">
  <div class="hd">
    <h1>{{ $broken->schedule->name }}</h1>
    <span class="sub"><a href="{{ route('clear.rounds.index') }}">{{ __('all schedules') }}</a></span>
  </div>
  <p class="caution">
    {{ __('This schedule cannot be calculated.') }} {{ $say->refusal($broken->reason) }}
  </p>
  @can('manage')
    <div class="btns">
      <x-remove :action="route('clear.rounds.destroy', $broken->schedule->id)" :of="$broken->schedule->name" />
      <a class="btn go" href="{{ route('clear.rounds.create') }}">{{ __('A new schedule') }}</a>
    </div>
  @endcan
</x-page>
