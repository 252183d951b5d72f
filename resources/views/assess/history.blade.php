@if ($opened->chart !== null)
  @php($change = $opened->history->change())
  <section class="blk">
    <h2>{{ __('This super over time') }}</h2>
    @if ($change)
      <p>{{ $change->words() }}</p>
    @else
      <p class="sub">{{ __('One inspection so far. The next one will show what changed.') }}</p>
    @endif
    <x-drawing.wide :of="$opened->chart" />
    <x-astable>
      <x-table :head="[__('Day'), __('Inspected'), __('Honey capped'), __('Full frames'), __('Water')]" num="2 3 4 5">
        @foreach (array_reverse($opened->history->points) as $point)
          <tr>
            <td>{{ $f->date($point->on) }}</td>
            <td class="num">{{ $point->seen }}</td>
            <td class="num">
              {{ $f->percent($point->capped) }} <span class="rng">± {{ round(100 * $point->cappedSd) }}</span>
            </td>
            <td class="num">{{ $f->number($point->full, 1) }}</td>
            <td class="num">{{ $f->water($point->waterPct) }}</td>
          </tr>
        @endforeach
      </x-table>
    </x-astable>
  </section>
@endif
