<x-astable>
  <table class="table">
    <thead>
      <tr>
        <th>{{ __('Hive') }}</th>
        <th class="num">{{ __('Stores that stay') }}</th>
        <th class="num">{{ __('Need') }}</th>
        <th class="num">{{ __('Lasts') }}</th>
        <th class="num">{{ __('May go') }}</th>
        <th class="num">{{ __('Sugar') }}</th>
      </tr>
    </thead>
    <tbody>
      @foreach ($board->rows as $row)
        <tr>
          <td><a href="{{ route('winter.hive', [$apiary->slug, $row->code]) }}">{{ $row->code }}</a></td>
          <td class="num">
            {{ $row->known ? ($row->measured ? '' : '~') . $f->kg($row->reserve->storesKg) : __('not looked at') }}</td>
          <td class="num">{{ $f->kg($row->reserve->needQuantileKg) }}</td>
          <td class="num">{{ $row->known ? $f->percent($row->reserve->pEnough) : '' }}</td>
          <td class="num">~{{ $f->kg($row->takeKg) }}</td>
          <td class="num">{{ $row->mustBeFed ? '~' . $f->kg($row->reserve->sugarKg) : '' }}</td>
        </tr>
      @endforeach
    </tbody>
  </table>
</x-astable>
