  <x-astable>
    <table class="table"><thead><tr><th>{{ __('Hive') }}</th><th>{{ __('Box') }}</th><th>{{ __('Verdict') }}</th><th class="num">{{ __('Honey') }}</th><th class="num">{{ __('Range') }}</th><th class="num">{{ __('Capped') }}</th><th class="num">{{ __('Water') }}</th><th class="num">{{ __('Seen') }}</th></tr></thead><tbody>
    @foreach ($state->hives as $code => $hive)@foreach (array_reverse($hive->supers()) as $one)<tr><td>{{ $code }}</td><td><a href="{{ route('assess.hive', [$state->apiary->slug, $code, 'box' => $one->box->id]) }}">{{ $one->name() }}</a></td>
      <td>{{ App\YardState\Marks::word($one->verdict()) }}@if ($one->decision) <i>({{ __('overruled') }})</i>@endif</td><td class="num">~{{ $f->kg($one->honey->honeyKg) }}</td><td class="num soft">{{ $f->kgRange($one->honey->honeyKg, $one->honey->sdKg) }}</td>
      <td class="num">{{ $f->percent($one->ripeness->box->cappedShare) }}</td><td class="num" @if (! $one->ripeness->water->measured) title="{{ __('presumed') }}" @endif>{!! $one->ripeness->water->measured ? e($f->water($one->ripeness->water->meanPct)) : '<i>'.e($f->water($one->ripeness->water->meanPct)).'</i>' !!}</td><td class="num">{{ $one->seen() }}/{{ $one->fitted->framesFitted }}</td></tr>@endforeach @endforeach
    </tbody></table>
  </x-astable>
