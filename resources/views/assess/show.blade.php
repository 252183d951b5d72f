<x-page :title="__('Assess').': '.$state->apiary->name.($open ? ' '.$open->hive->code : '')" stage="assess" :yard="$state->apiary->slug">
  <x-slot:head>@if ($box)<script src="/build/painter.js?{{ $assetVersion }}" type="module" nonce="{{ $nonce }}"></script>@endif</x-slot:head>
  @php([$kg, $sd] = $state->ripe())
  <div class="hd"><h1>{{ $state->apiary->name }}</h1><x-legend/></div>
  <p class="sub">{{ trans_choice(':count hive|:count hives', count($state->hives)) }} · ~{{ $f->kg($kg, 0) }} {{ __('ripe') }} {{ $f->kgRange($kg, $sd, 0) }} · {{ __(':n to look at', ['n' => $state->toLook()]) }} · {{ $state->flow->sentence() }}</p>
  @if ($state->hives === [])
    <p class="empty">{{ __('No hive stands here yet.') }} <a class="link" href="{{ route('yards.yard', $state->apiary->slug) }}">{{ __('Put the first hive on a stand') }}</a></p>
  @else
    {!! $picture->svg($state, __('Elevation of :yard', ['yard' => $state->apiary->name]), fn ($hive) => route('assess.hive', [$state->apiary->slug, $hive->hive->code]).'#opened',
      fn ($hive, $one) => route('assess.hive', [$state->apiary->slug, $hive->hive->code, 'box' => $one->box->id]).'#opened', fn ($hive) => array_slice($hive->words(), 0, 2), $open?->hive->code, $box?->box->id) !!}
  @endif
  @if (! $open && $state->hives !== [])@include('assess.today')@endif
  @if ($open && $box)
    <div class="opened" id="opened">
      <div class="opened-stack">
        <h2>{{ $open->hive->code }} <span class="soft sub">{{ $open->hive->colony?->queen ? __('queen :code', ['code' => $open->hive->colony->queen->code]) : '' }}</span></h2>
        {!! (new App\Assess\OpenedHive)->svg($open, $state->apiary->slug, $box, $slot) !!}
      </div>
      @include('assess.painter')
    </div>
  @endif
  <x-astable>
    <table class="table"><thead><tr><th>{{ __('Hive') }}</th><th>{{ __('Box') }}</th><th>{{ __('Verdict') }}</th><th class="num">{{ __('Honey') }}</th><th class="num">{{ __('Range') }}</th><th class="num">{{ __('Capped') }}</th><th class="num">{{ __('Water') }}</th><th class="num">{{ __('Seen') }}</th></tr></thead><tbody>
    @foreach ($state->hives as $code => $hive)@foreach (array_reverse($hive->supers()) as $one)<tr><td>{{ $code }}</td><td><a href="{{ route('assess.hive', [$state->apiary->slug, $code, 'box' => $one->box->id]) }}">{{ $one->name() }}</a></td>
      <td>{{ App\Assess\Marks::word($one->verdict()) }}@if ($one->decision) <i>({{ __('overruled') }})</i>@endif</td><td class="num">~{{ $f->kg($one->honey->honeyKg) }}</td><td class="num soft">{{ $f->kgRange($one->honey->honeyKg, $one->honey->sdKg) }}</td>
      <td class="num">{{ $f->percent($one->ripeness->box->cappedShare) }}</td><td class="num" @if (! $one->ripeness->water->measured) title="{{ __('presumed') }}" @endif>{!! $one->ripeness->water->measured ? e($f->water($one->ripeness->water->meanPct)) : '<i>'.e($f->water($one->ripeness->water->meanPct)).'</i>' !!}</td><td class="num">{{ $one->seen() }}/{{ $one->fitted->framesFitted }}</td></tr>@endforeach @endforeach
    </tbody></table>
  </x-astable>
  <x-slot:why><div id="why-box">
    @if ($box)@include('assess.why', ['apiary' => $state->apiary, 'code' => $open->hive->code, 'next' => $next])@else
      <p class="lab">{{ __('Why: :yard', ['yard' => $state->apiary->name]) }}</p><h2 class="say">{{ $state->toLook() > 0 ? trans_choice('Look at :count super.|Look at :count supers.', $state->toLook()) : __('All supers are judged.') }}</h2>
      <section><h3>{{ __('Policy here') }}</h3><p>{{ $policy->words() }}</p></section>
    @endif</div>
    <p class="caution">{{ __('Stings and allergy: carry what your doctor prescribed; do not work alone.') }}</p>
  </x-slot:why>
</x-page>
