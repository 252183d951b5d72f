<x-astable>
  <table class="table">
    <thead>
      <tr>
        <th>{{ __('Hive') }}</th>
        <th>{{ __('Box') }}</th>
        <th>{{ __('Verdict') }}</th>
        <th class="num">{{ __('Honey') }}</th>
        <th class="num">{{ __('Range') }}</th>
        <th class="num">{{ __('Honey capped') }}</th>
        <th class="num">{{ __('Water') }}</th>
        <th class="num">{{ __('Seen') }}</th>
      </tr>
    </thead>
    <tbody>
      @foreach ($board->supers as $row)
        <tr>
          <td>{{ $row->hive }}</td>
          <td><a
              href="{{ route('assess.hive', [$apiary->slug, $row->hive, 'box' => $row->id]) }}">{{ $row->name }}</a>
          </td>
          <td>
            {{ $say->verdict($row->verdict) }}
            @if ($row->decided !== null)
              <i>({{ __('overruled') }})</i>
            @endif
          </td>
          <td class="num">~{{ $f->kg($row->honey->kg) }}</td>
          <td class="num soft">{{ $f->kgRange($row->honey->kg, $row->honey->sdKg()) }}</td>
          <td class="num">{{ $f->percent($row->cappedShare) }}</td>
          @if ($row->waterMeasured)
            <td class="num">{{ $f->water($row->waterPct) }}</td>
          @else
            <td class="num" title="{{ __('presumed') }}"><i>{{ $f->water($row->waterPct) }}</i></td>
          @endif
          <td class="num">{{ $row->seen }}/{{ $row->frames }}</td>
        </tr>
      @endforeach
    </tbody>
  </table>
</x-astable>
