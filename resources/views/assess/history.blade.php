@if ($history->points !== [])
  @php($change = $history->change())
  <section class="blk"><h2>{{ __('This super over time') }}</h2>
    @if ($change)<p>{{ __('Since :n days: :capped percentage points capped (standard deviation :sd), :full full frames of honey', ['n' => $change['days'], 'capped' => sprintf('%+.0f', 100 * $change['capped']), 'sd' => round(100 * $change['cappedSd']), 'full' => sprintf('%+.1f', $change['full'])]) }}@if ($change['water'] !== null), {{ __(':water points of water', ['water' => sprintf('%+.1f', $change['water'])]) }}@endif. {{ __('That is :n points a day.', ['n' => sprintf('%+.1f', 100 * $change['perDay'])]) }}</p>@else<p class="sub">{{ __('One look so far; the next will show what changed.') }}</p>@endif
    {!! (new App\Assess\HistoryChart($f))->svg($history, __('Capped share and water of this super over :n looks', ['n' => count($history->points)])) !!}
    <x-astable><table class="table"><thead><tr><th>{{ __('Day') }}</th><th class="num">{{ __('Seen') }}</th><th class="num">{{ __('Capped') }}</th><th class="num">{{ __('Full frames') }}</th><th class="num">{{ __('Water') }}</th></tr></thead><tbody>
      @foreach (array_reverse($history->points) as $point)<tr><td>{{ $f->date($point['on']) }}</td><td class="num">{{ $point['seen'] }}</td><td class="num">{{ $f->percent($point['capped']) }} <span class="rng">± {{ round(100 * $point['sd']) }}</span></td><td class="num">{{ $f->number($point['full'], 1) }}</td><td class="num">{{ $f->water($point['water']) }}</td></tr>@endforeach</tbody></table></x-astable></section>
@endif
