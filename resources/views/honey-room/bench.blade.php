<div class="grid grid-cols-[repeat(auto-fit,minmax(220px,1fr))] gap-x-3 gap-y-6" id="bench">
  <section class="stop" aria-labelledby="stop-door">
    <h2 id="stop-door"><a href="{{ route('honey-room.door') }}">{{ __('Door') }}</a></h2>
    <x-drawing.picture :of="$draw->door($bench)" />
    @foreach ($bench->stacks as $stack)
      @if ($stack->isShort())
        <p class="border-l-4 border-l-mauve py-1 pr-0 pl-3">
          <a class="link" href="{{ route('honey-room.door') }}#l-{{ $stack->lot->id }}">
            {{ $stack->lot->code }}:
            {{ trans_choice('{1} :count has not come. Where is it?|[2,*] :count have not come. Where are they?', $stack->awaited()) }}</a>
        </p>
      @endif
    @endforeach
    <p>{{ trans_choice('{0} empty|{1} :count is here|[2,*] :count are here', $bench->count('door')) }}
      @if ($bench->count('awaited') > 0)
        · {{ trans_choice('{1} :count awaited|[2,*] :count awaited', $bench->count('awaited')) }}
      @endif
    </p>
  </section>
  <section class="stop" aria-labelledby="stop-warm">
    <h2 id="stop-warm"><a href="{{ route('honey-room.warm') }}">{{ __('Warm room') }}</a></h2>
    <x-drawing.picture :of="$draw->warm($bench)" />
    @if ($bench->air)
      <p>{{ $f->celsius($bench->air->celsius) }}, {{ round($bench->air->humidity_pct) }} %
        <span class="sub">{{ $f->moment($bench->air->read_at, $zone) }}</span>
      </p>
    @else
      <p class="sub">{{ __('the room is not read yet') }}</p>
    @endif
    @foreach ($bench->drying as $stack)
      <p>@include('honey-room.ready', ['stack' => $stack, 'ready' => $stack->ready])</p>
    @endforeach
  </section>
  <section class="stop" aria-labelledby="stop-spin">
    <h2 id="stop-spin"><a href="{{ route('honey-room.extractor') }}">{{ __('Extractor') }}</a></h2>
    <x-drawing.picture :of="$draw->extractor($bench)" />
    <p>
      @if ($bench->running)
        {{ __('load :n', ['n' => $bench->running->number]) }}:
        {{ $bench->running->step === null ? __('loaded') : __('run :n', ['n' => $bench->running->step + 1]) }}
      @else
        {{ trans_choice('{0} no super waits|{1} :count super waits|[2,*] :count supers wait', $bench->waiting()) }}
      @endif
    </p>
  </section>
  <section class="stop" aria-labelledby="stop-drip">
    <h2 id="stop-drip">{{ __('Drip and weigh') }}</h2>
    <x-drawing.picture :of="$draw->drip($bench)" />
    <p>{{ __(':kg in buckets', ['kg' => $f->kg($bench->bucketsKg())]) }}@if ($bench->todayKg > 0)
        · {{ __('today :kg', ['kg' => $f->kg($bench->todayKg)]) }}@if ($bench->beforeKg > 0)
          + {{ $f->kg($bench->beforeKg) }} {{ __('before') }}
        @endif
      @endif
    </p>
    @foreach ($bench->lotsToWeigh() as $lot)
      <a class="btn go"
        href="{{ route('honey-room.lot', $lot->id) }}">{{ __('Weigh for :lot', ['lot' => $lot->code]) }}</a>
    @endforeach
  </section>
  <section class="stop" aria-labelledby="stop-tank">
    <h2 id="stop-tank"><a href="{{ route('honey-room.batches') }}">{{ __('Settle') }}</a></h2>
    <x-drawing.picture :of="$draw->settling($bench)" />
    @forelse ($bench->batches as $state)
      <p><a class="link" href="{{ route('honey-room.batch', $state->batch->id) }}">{{ $state->batch->code }}</a>
        {{ $f->kg($state->leftKg()) }}, {{ __('clear :when', ['when' => $f->moment($state->clearAt(), $zone)]) }}</p>
    @empty
      <p class="sub">{{ __('no tank is full') }}</p>
    @endforelse
  </section>
  <section class="stop" aria-labelledby="stop-shelf">
    <h2 id="stop-shelf"><a href="{{ route('honey-room.batches') }}">{{ __('Shelf') }}</a></h2>
    <x-drawing.picture :of="$draw->shelf($bench)" />
    <p>{{ trans_choice('{0} no jars yet|{1} :count jar|[2,*] :count jars', $bench->jarsOnShelf()) }}</p>
  </section>
</div>
