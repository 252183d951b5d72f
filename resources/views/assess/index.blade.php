<x-page :title="__('Assess')" stage="assess">
  @php($look = array_sum(array_map(fn ($s) => $s->toLook(), $states)))
  <div class="hd"><h1>{{ $look > 0 ? trans_choice(':count super to look at|:count supers to look at', $look) : __('All supers are judged') }}</h1><x-legend/></div>
  @if ($states === [])<p class="empty">{{ __('There is no yard yet.') }} <a class="link" href="{{ route('yards.index') }}">{{ __('Draw the first one') }}</a></p>@endif
  @foreach ($states as $state)
    <section class="blk"><div class="hd"><h2><a href="{{ route('assess.yard', $state->apiary->slug) }}">{{ $state->apiary->name }}</a></h2>
      <span class="sub">@php([$kg, $sd] = $state->ripe())~{{ $f->kg($kg, 0) }} {{ __('ripe') }} {{ $f->kgRange($kg, $sd, 0) }} · {{ $state->flow->sentence() }}</span></div>
      {!! (new App\Yards\YardPicture(new App\Support\Drawing\Elevation(0.09)))->svg($state, __('Elevation of :yard', ['yard' => $state->apiary->name]), fn ($hive) => route('assess.hive', [$state->apiary->slug, $hive->hive->code]),
        fn ($hive, $box) => route('assess.hive', [$state->apiary->slug, $hive->hive->code, 'box' => $box->box->id]), fn ($hive) => array_slice($hive->words(), 0, 2)) !!}</section>
  @endforeach
  <x-slot:why><p class="lab">{{ __('Why') }}</p><h2 class="say">{{ __('Each verdict lists its reasons. Choose a super.') }}</h2>
    <section><h3>{{ __('Marks') }}</h3><ul>@foreach (Marjoram\Core\Ripeness\Verdict::cases() as $verdict)<li><x-mark :glyph="App\Assess\Marks::glyph($verdict)"/><b>{{ App\Assess\Marks::word($verdict) }}</b>: {{ App\Assess\Marks::sentence($verdict) }}</li>@endforeach</ul></section>
    <p class="caution">{{ __('Stings and allergy: carry what your doctor prescribed; do not work alone.') }}</p></x-slot:why>
</x-page>
