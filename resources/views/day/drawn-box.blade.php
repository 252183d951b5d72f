@php($step = $row->step)
@php($ticks = $canTick && $step?->super !== null)
@if ($ticks)
  <x-form :action="route('clear.tick', $step->super->id)" method="put" quick>
    <x-hidden :of="['back' => $sheet->date(), 'what' => $step->what(), 'done' => $step->done ? 0 : 1]" />
    <button id="draw-{{ $step->super->id }}" class="boxtick" aria-pressed="{{ $step->done ? 'true' : 'false' }}">
      <x-drawing.picture :of="$row->picture" /><span class="sr">: {{ __('on the truck') }}</span>
    </button>
  </x-form>
@else
  <x-drawing.picture :of="$row->picture" />
@endif
<p>
  @if ($step)
    <b class="turn">{{ $step->number }}</b>
  @endif
  <b>~{{ $f->kg($row->work->box->grossKg, 0) }}</b>
  <span class="fate">{{ $row->work->words() }}</span>
</p>
