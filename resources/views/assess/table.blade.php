<x-astable>
  <x-table :head="[
      __('Hive'),
      __('Box'),
      __('Verdict'),
      __('Honey'),
      __('Range'),
      __('Honey capped'),
      __('Water'),
      __('Inspected'),
  ]" num="4 5 6 7 8">
    @foreach ($board->supers as $row)
      <tr>
        <td>{{ $row->hive }}</td>
        <td><a href="{{ route('assess.hive', [$apiary->slug, $row->hive, 'box' => $row->id]) }}">{{ $row->name }}</a>
        </td>
        <td>
          {{ $say->verdict($row->verdict) }}
          @if ($row->decided !== null)
            <i>({{ __('your decision') }})</i>
          @endif
        </td>
        <td class="num">~{{ $f->kg($row->honey->kg) }}</td>
        <td class="num soft">{{ $f->kgRange($row->honey->kg, $row->honey->sdKg()) }}</td>
        <td class="num">{{ $f->percent($row->cappedShare) }}</td>
        @if ($row->waterMeasured)
          <td class="num">{{ $f->water($row->waterPct) }}</td>
        @else
          <td class="num" title="{{ __('estimated') }}"><i>{{ $f->water($row->waterPct) }}</i></td>
        @endif
        <td class="num">{{ $row->seen }}/{{ $row->frames }}</td>
      </tr>
    @endforeach
  </x-table>
</x-astable>
