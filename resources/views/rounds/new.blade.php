<x-page :title="__('A new schedule')" stage="clear">
  <div class="hd">
    <h1>{{ __('A new schedule') }}</h1>
    <span class="sub"><a href="{{ route('clear.rounds.index') }}">{{ __('all schedules') }}</a></span>
  </div>
  @if ($page->asksFirst !== null)
    <p class="caution">
      {{ $page->asksFirst }} <a class="link" href="{{ route('account.show') }}">{{ __('Account and units') }}</a>
    </p>
  @endif
  @can('manage')
    <form method="post" action="{{ route('clear.rounds.store') }}">
      @csrf
      <x-key />
      @include('rounds.coming')
      @include('rounds.worth')
    </form>
  @else
    <form method="get" action="{{ route('clear.rounds.create') }}">
      @include('rounds.coming')
      <div class="btns"><button class="btn">{{ __('Show') }}</button>
      </div>
    </form>
  @endcan
  <x-slot:why>
    <p class="lab">{{ __('Why') }}</p>
    <h2 class="say">{{ __('Each yard has its own days.') }}</h2>
    @foreach ($page->batches->in as $batch)
      <p>
        <b>{{ $batch->name() }}</b>:
        @if ($batch->later)
          <i>{{ $page->ripe($batch) }}</i>;
        @endif
        {{ $page->why($batch) }}
      </p>
    @endforeach
    <p class="sub">
      {{ __('Treatment dates come from the label. After the flow, supers come off within the days of your policy.') }}
      {{ __('Inspect supers planned ahead again before their boards go on.') }}
    </p>
    <p class="sub">
      <a class="link" href="{{ route('account.policy') }}">{{ __('Policy') }}</a> ·
      <a class="link" href="{{ route('clear.drives') }}">{{ __('Drives') }}</a>
    </p>
  </x-slot:why>
</x-page>
