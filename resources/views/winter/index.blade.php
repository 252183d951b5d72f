<x-page :title="__('Winter')" stage="winter">
  <h1>{{ __('Winter stores') }}</h1>
  @if ($apiaries->isEmpty())
    <p class="empty">
      {{ __('You have no yard yet.') }}
      <a class="link" href="{{ route('yards.index') }}">{{ __('Set up the first yard') }}</a>
    </p>
  @endif
  @foreach ($apiaries as $i => $apiary)
    @php($board = $boards[$i])
    <section class="blk">
      <div class="hd">
        <h2><a href="{{ route('winter.yard', $apiary->slug) }}">{{ $apiary->name }}</a></h2>
        <span class="sub">
          {{ __('may give ~:kg', ['kg' => $f->kg($board->takeKg(), 0)]) }} ·
          {{ $board->feeding($f) }}
        </span>
      </div>
      @foreach ($board->warnings() as $row)
        <p class="caution">
          <b>{{ $row->code }}</b>
          {{ __('may run out of stores by :day.', ['day' => $f->dateOf($row->runsOut)]) }}
        </p>
      @endforeach
      @if ($board->rows !== [])
        <x-drawing.wide :of="$chart->of($board, named: true)" :name="$apiary->name" />
      @endif
    </section>
  @endforeach
  <x-slot:why>
    <p class="lab">{{ __('Why') }}</p>
    <h2 class="say">{{ __('Each hive keeps enough stores to reach spring.') }}</h2>
    <x-disclosure :summary="__('How this was calculated')">
      <p>
        {{ __('Winter stores needed are calculated from climate, strength and first flow, over thousands of simulated winters.') }}
      </p>
    </x-disclosure>
    <p class="caution">
      {{ __('Never feed while honey supers are on. Take the queen excluder out before winter.') }}
    </p>
  </x-slot:why>
</x-page>
