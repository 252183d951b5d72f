<x-astable>
  <x-table :head="[__('Hive'), __('Stores that stay'), __('Needed'), __('Lasts'), __('May come off'), __('Sugar')]" num="2 3 4 5 6">
    @foreach ($board->rows as $row)
      <tr>
        <td><a href="{{ route('winter.hive', [$apiary->slug, $row->code]) }}">{{ $row->code }}</a></td>
        <td class="num">
          {{ $row->known ? ($row->measured ? '' : '~') . $f->kg($row->reserve->storesKg) : __('not inspected') }}</td>
        <td class="num">{{ $f->kg($row->reserve->needQuantileKg) }}</td>
        <td class="num">{{ $row->known ? $f->percent($row->reserve->pEnough) : '' }}</td>
        <td class="num">~{{ $f->kg($row->takeKg) }}</td>
        <td class="num">{{ $row->mustBeFed ? '~' . $f->kg($row->reserve->sugarKg) : '' }}</td>
      </tr>
    @endforeach
  </x-table>
</x-astable>
