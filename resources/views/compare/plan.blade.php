<x-page :title="__('Next year\'s queens')" stage="compare">
  <div class="hd">
    <h1>
      {{ $plan->heading() }}
    </h1>
  </div>
  @include('compare.tabs')
  @if ($plan->places === [])
    <p class="empty">
      {{ __('Mark the queens to breed from or to replace, with the number of daughters.') }}
      <a class="link" href="{{ route('compare.queens') }}">{{ __('To the queens') }}</a>
    </p>
  @else
    <p>
      @if ($plan->mothers === [])
        {{ __('No queen is marked to breed from. Mark one, or buy queens.') }}
      @else
        {{ $plan->words() }}.
        {{ __('Start about :n cells: some do not take, are not mated or are not accepted (common practice: two in three).', ['n' => $plan->cells()]) }}
      @endif
    </p>
    <x-table :head="[__('Hive'), __('Queen now'), __('Why'), __('A daughter of')]">
      @foreach ($plan->places as $place)
        <tr>
          <th scope="row">{{ $place->queen->hive }}, {{ $place->queen->yardName }}</th>
          <td><a href="{{ route('compare.queen', $place->queen->id) }}">{{ $place->queen->code }}</a></td>
          <td>{{ $place->why }}</td>
          <td>{{ $place->mother?->code ?? '–' }}</td>
        </tr>
      @endforeach
    </x-table>
    <div class="btns"><a class="btn" href="{{ route('compare.plan.csv') }}">{{ __('Download as CSV') }}</a></div>
  @endif
  <x-slot:why>
    <p class="lab">{{ __('Why') }}</p>
    <h2 class="say">{{ __('New queens go to the weakest hives first.') }}</h2>
    <p>
      {{ __('Queens marked to replace go first, then queens that likely give less than their yard.') }}
      {{ __('No daughter goes into her mother\'s hive. Keep several lines: inbreeding makes patchy brood.') }}
    </p>
  </x-slot:why>
</x-page>
