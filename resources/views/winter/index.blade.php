<x-page :title="__('Winter share')" stage="winter">
  <h1>{{ __('What must stay for winter') }}</h1>
  @if ($apiaries->isEmpty())
    <p class="empty">
      {{ __('There is no yard yet.') }}
      <a class="link" href="{{ route('yards.index') }}">{{ __('Draw the first one') }}</a>
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
          {{ __('is likely to run out of stores by :day.', ['day' => $f->dateOf($row->runsOut)]) }}
        </p>
      @endforeach
      @if ($board->rows !== [])
        <x-drawing.picture :of="$chart->of($board, named: true)" />
      @endif
    </section>
  @endforeach
  <x-slot:why>
    <p class="lab">{{ __('Why') }}</p>
    <h2 class="say">{{ __('Each hive keeps what it needs to see spring with honey to spare.') }}</h2>
    <section>
      <h3>{{ __('Policy') }}</h3>
      <p>
        {{ __('Computed reserve: climate, strength and the date of the first flow, simulated over some thousands of winters.') }}
      </p>
    </section>
    <p class="caution">
      {{ __('No feeding while supers for honey are on. The queen excluder comes out before winter.') }}
    </p>
  </x-slot:why>
</x-page>
