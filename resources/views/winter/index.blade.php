<x-page :title="__('Winter share')" stage="winter">
  <h1>{{ __('What must stay for winter') }}</h1>
  @if ($states === [])<p class="empty">{{ __('There is no yard yet.') }} <a class="link" href="{{ route('yards.index') }}">{{ __('Draw the first one') }}</a></p>@endif
  @foreach ($states as $n => $state)
    @php($w = $winters[$n])
    <section class="blk"><div class="hd"><h2><a href="{{ route('winter.yard', $state->apiary->slug) }}">{{ $state->apiary->name }}</a></h2>
      <span class="sub">{{ __('may give ~:kg', ['kg' => $f->kg(array_sum(array_map(fn ($h) => $h->takeKg(), $w)), 0)]) }} · {{ trans_choice(':count hive to feed|:count hives to feed', count(array_filter($w, fn ($h) => $h->reserve->sugarKg > 0.5))) }}, ~{{ $f->kg(array_sum(array_map(fn ($h) => $h->reserve->sugarKg, $w)), 0) }} {{ __('of sugar') }}</span></div>
      {!! (new App\Winter\StoresChart)->svg($w, $f, null) !!}</section>
  @endforeach
  <x-slot:why><p class="lab">{{ __('Why') }}</p><h2 class="say">{{ __('Each hive keeps what it needs to see spring with honey to spare.') }}</h2>
    <section><h3>{{ __('Policy') }}</h3><p>{{ __('Computed reserve: climate, strength and the date of the first flow, simulated over some thousands of winters.') }}</p></section>
    <p class="caution">{{ __('No feeding while supers for honey are on. The queen excluder comes out before winter.') }}</p></x-slot:why>
</x-page>
