{{-- The same as the drawing, to read. --}}
<x-table class="stack" :head="[
    __('Lot'),
    __('Yard, taken'),
    __('Hives (supers or frames)'),
    __('Buckets'),
    __('Contents'),
    __('Water, colour, taste'),
]" num="5">
  @foreach ($trace->lots as $one)
    <tr>
      <td data-label="{{ __('Lot') }}"><a class="link"
          href="{{ route('honey-room.lot', $one->lot->id) }}">{{ $one->lot->code }}</a></td>
      <td data-label="{{ __('Yard, taken') }}">{{ $one->lot->harvest->apiary->name }},
        {{ $f->date($one->lot->harvest->taken_on) }}</td>
      <td data-label="{{ __('Hives (supers or frames)') }}">
        @foreach ($one->hives() as $hive => $count)
          {{ $hive }} ({{ $count }}){{ $loop->last ? '' : ',' }}
        @endforeach
      </td>
      <td data-label="{{ __('Buckets') }}">{{ implode(', ', $one->buckets()) }}</td>
      <td class="num" data-label="{{ __('Contents') }}">{{ $f->kg($one->kg()) }}</td>
      <td data-label="{{ __('Water, colour, taste') }}">{{ $one->waterWords() }} {{ $one->doorWords() }}
        @if ($one->lot->pfund_mm !== null)
          · {{ $one->lot->pfund_mm }} mm Pfund
        @endif {{ $one->lot->taste }} {{ $one->lot->plants }}
      </td>
    </tr>
  @endforeach
</x-table>
@forelse ($trace->treatments as $one)
  <p class="sub">{{ $one->apiary->name }}: {{ $one->what }},
    {{ __('supers off by :day', ['day' => $f->date($one->supers_off_by)]) }}@if ($one->may_return)
      , {{ __('back from :day', ['day' => $f->date($one->may_return)]) }}
    @endif
  </p>
  @empty
    <p class="sub">{{ __('No treatment of these yards is recorded for the two years before.') }}</p>
  @endforelse
