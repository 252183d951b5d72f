<table class="table" id="queen-table">
  <thead>
    <tr>
      <th scope="col">{{ __('Queen') }}</th>
      <th scope="col">{{ __('Hive') }}</th>
      <th scope="col">{{ __('Mother') }}</th>
      <th scope="col" class="num">{{ __('Seasons') }}</th>
      <th scope="col" class="num">{{ __('of daughters') }}</th>
      <th scope="col" class="num">{{ __('Merit') }}</th>
      <th scope="col" class="num">{{ __('9 of 10') }}</th>
      <th scope="col">{{ __('among the best') }}</th>
      <th scope="col">{{ __('Advice') }}</th>
    </tr>
  </thead>
  <tbody>
    @foreach ($page->living() as $one)
      <tr>
        <th scope="row">
          @if ($one->id === null)
            {{ $one->code }}
          @else
            <a href="{{ route('compare.queen', $one->id) }}">{{ $one->code }}</a>
          @endif
        </th>
        <td>{{ $one->hive }}</td>
        <td>{{ $one->mother ?? '–' }}</td>
        <td class="num">{{ $one->merit->records }}</td>
        <td class="num">{{ $one->merit->daughters }}</td>
        <td class="num">{{ $f->kg($page->kg($one->merit->merit)) }}</td>
        <td class="num">{{ $page->range($one) }}</td>
        <td>{{ $page->chance($one->merit->pTop) }}</td>
        <td>{{ __($one->merit->advice->value) }}</td>
      </tr>
    @endforeach
  </tbody>
</table>
