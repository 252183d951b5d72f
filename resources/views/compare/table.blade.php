<x-astable :csv="route('compare.csv')" :open="$page->sort !== 'hive'">
  <table class="table">
    <thead>
      <tr>
        @foreach ($page->sorts() as $key => $words)
          <th @class(['num' => $key !== 'hive']) @if ($page->sort === $key) aria-sort="descending" @endif>
            <a href="{{ $page->sortLink($key) }}">{{ $words }}</a>
          </th>
        @endforeach
        @foreach ($page->otherYears() as $year)
          <th class="num">{{ $year }}</th>
        @endforeach
        <th>{{ __('Queen') }}</th>
      </tr>
    </thead>
    <tbody>
      @foreach ($page->rows as $row)
        <tr>
          <td><a href="{{ $page->link($row, $page->sort) }}">{{ $row->hive }}</a></td>
          <td class="num">{{ $page->crop($row) }}</td>
          <td class="num">{{ $page->change($row) }}</td>
          <td class="num">{{ $f->kg($row->indexKg) }}</td>
          @foreach ($page->otherYears() as $year)
            <td class="num">{{ isset($row->seasons[$year]) ? $f->kg($row->kg($year)) : '–' }}</td>
          @endforeach
          <td>{{ $row->queen() ?? '–' }}</td>
        </tr>
      @endforeach
    </tbody>
  </table>
</x-astable>
