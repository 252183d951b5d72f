@if ($canTick)
  <x-form :action="route('clear.tick', $step->super->id)" method="put" quick>
    <x-hidden :of="['back' => $sheet->date(), 'what' => 'placed', 'done' => $step->done ? 0 : 1]" />
    <button id="draw-{{ $step->super->id }}" class="boardtick" aria-pressed="{{ $step->done ? 'true' : 'false' }}">
      <b class="turn">{{ $step->number }}</b> {{ $step->done ? __('board is on') : __('board on') }}<span
        class="sr">: {{ $hive->code }}</span>
    </button>
  </x-form>
@else
  <span class="boardtick"><b class="turn">{{ $step->number }}</b> {{ __('board on') }}</span>
@endif
