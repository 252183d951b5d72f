<div class="flex flex-wrap items-end gap-x-3 gap-y-4 my-3" role="group"
  aria-label="{{ __('Work at each hive, drawn') }}">
  @foreach ($stop->hives as $hive)
    @continue($hive->hive === null)
    @php($drawn = $draw->of($hive))
    <section class="handhive" aria-labelledby="hh-{{ $hive->hive->id }}">
      <x-drawing.picture :of="$drawn->roof" />
      <ol>
        @foreach ($drawn->rows as $row)
          <li class="{{ $row->fate() }}">
            @include('day.drawn-box')
          </li>
          @if ($row->boardBelow)
            <li class="board">
              @include('day.drawn-board', ['step' => $row->boardBelow])
            </li>
          @endif
        @endforeach
      </ol>
      <x-drawing.picture :of="$drawn->stand" />
      <h3 id="hh-{{ $hive->hive->id }}">{{ $hive->code }}</h3>
    </section>
  @endforeach
</div>
