<h2>{{ $loop->iteration }}. {{ $stop->apiary()->name }}: {{ $stop->aim() }}</h2>
<p>{{ __(':m drive', ['m' => $f->minutes($stop->driveMin)]) }}. {{ implode(' ', $stop->sentences($say)) }}</p>
@if ($stop->belowMin() > 0)
  <p>
    {{ __('First move boxes that stay below the board (:n min). Bees leave only the boxes above it.', ['n' => $stop->belowMin()]) }}
  </p>
@endif
@foreach ($pictures[$stop->apiary()->id] as $picture)
  <img src="{{ $picture }}" alt="" />
@endforeach
<table>
  <tr>
    <th class="tick"></th>
    <th class="w40">{{ __('Hive') }}</th>
    <th class="n w22"></th>
    <th class="w78"></th>
    <th class="w52">{{ __('Box') }}</th>
    <th class="w66"></th>
    <th class="n w44">{{ __('Weight') }}</th>
    <th></th>
  </tr>
  @foreach ($stop->hives as $hive)
    @foreach ($hive->toLookAt as $box)
      <tr>
        <td class="tick"><span class="box"></span></td>
        <td><b>{{ $hive->code }}</b></td>
        <td></td>
        <td>{{ __('inspect first') }}</td>
        <td>{{ $box->mark }}</td>
        <td>{{ $box->name() }}</td>
        <td></td>
        <td class="beside">{{ __('not ripe at the last inspection') }}</td>
      </tr>
    @endforeach
    @foreach ($hive->steps as $step)
      <tr>
        <td class="tick"><span class="box {{ $step->done ? 'done' : '' }}"></span></td>
        <td><b>{{ $hive->code }}</b></td>
        <td class="n">{{ $step->number }}</td>
        @if ($step->isBoard())
          <td>{{ __('board on') }}</td>
          <td colspan="4">{{ __('under :supers', ['supers' => $hive->supersAbove()]) }}</td>
        @else
          <td>{{ $step->super === null ? __('below first') : __('off') }}</td>
          <td>{{ $step->work?->box->mark ?? $step->super->box->mark }}</td>
          <td>{{ $step->work?->box->name() }}</td>
          <td class="n">{{ $step->work === null ? '' : '~' . $f->kg($step->work->box->grossKg, 0) }}</td>
          <td class="beside">{{ $step->work?->lift === null ? '' : $say->term($step->work->lift->advice()) }}</td>
        @endif
      </tr>
    @endforeach
  @endforeach
</table>
