<!doctype html>
<html lang="en">

<head>
  <meta charset="utf-8" />
  <title>{{ $trace->state->batch->code }}</title>
  @include('paper-style')
</head>

<body>
  <h1>{{ $operation }}: {{ __('batch :code', ['code' => $trace->state->batch->code]) }}</h1>
  <p>
    {{ __('Poured :when, :kg, water :water.', [
        'when' => $f->moment($trace->state->batch->poured_at, $zone),
        'kg' => $f->kg($trace->state->kg),
        'water' => $f->water($trace->state->waterPct),
    ]) }}
    {{ __('In jars: :kg; left: :left.', ['kg' => $f->kg($trace->state->jarredKg), 'left' => $f->kg($trace->state->leftKg())]) }}
  </p>
  <h2>{{ __('Where it came from') }}</h2>
  @include('honey-room.traced')
  <h2>{{ __('Where it went') }}</h2>
  <table>
    <tr>
      <th>{{ __('Jars') }}</th>
      <th>{{ __('Filled') }}</th>
      <th>{{ __('Best before') }}</th>
      <th>{{ __('To whom') }}</th>
      <th>{{ __('On the shelf') }}</th>
    </tr>
    @foreach ($trace->fills as $fill)
      <tr>
        <td>{{ $fill->count }} × {{ $fill->kind->name }} ({{ $fill->kind->net_g }} g)</td>
        <td>{{ $f->date($fill->filled_on) }}</td>
        <td>{{ $f->date($fill->best_before) }}</td>
        <td>
          @foreach ($fill->moves as $move)
            {{ $move->count }}: {{ $move->whom === '' ? __('unknown') : $move->whom }}
            ({{ $f->date($move->moved_on) }})
            <br>
          @endforeach
        </td>
        <td>{{ $fill->onShelf() }}</td>
      </tr>
    @endforeach
  </table>
</body>

</html>
