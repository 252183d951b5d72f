<x-page :title="__('Assess')" stage="assess">
  @php($look = $yards->sum('toLook'))
  <div class="hd">
    <h1>
      @if ($look > 0)
        {{ trans_choice(':count super to inspect|:count supers to inspect', $look) }}
      @else
        {{ $season->isOn ? __('Every super has a verdict') : $season->sentence() }}
      @endif
    </h1>
    <x-legend />
  </div>
  @if ($yards->isEmpty())
    <p class="empty">
      {{ __('You have no yard yet.') }}
      <a class="link" href="{{ route('yards.index') }}">{{ __('Set up the first yard') }}</a>
    </p>
  @endif
  @foreach ($yards as $one)
    <section class="blk">
      <div class="hd">
        <h2><a href="{{ route('assess.yard', $one->slug) }}">{{ $one->name }}</a></h2>
        <span class="sub">
          ~{{ $f->kg($one->ripe->kg, 0) }} {{ __('ripe') }} {{ $f->kgRange($one->ripe->kg, $one->ripe->sdKg(), 0) }}
          ·
          {{ $one->flow }}
        </span>
      </div>
      <x-drawing.elevation :of="$one->picture" />
    </section>
  @endforeach
  <x-slot:why>
    <p class="lab">{{ __('Why') }}</p>
    <h2 class="say">{{ __('Choose a super to see why') }}</h2>
    <section>
      <h3>{{ __('Marks') }}</h3>
      <ul>
        @foreach ($choose->verdicts() as $verdict)
          <li><x-verdict :of="$verdict" /><b>{{ $say->verdict($verdict) }}</b>: {{ $say->advice($verdict) }}</li>
        @endforeach
      </ul>
    </section>
    <p class="caution">{{ __('Stings and allergy: carry what your doctor prescribed; do not work alone.') }}</p>
  </x-slot:why>
</x-page>
