@if ($step->super === null)
  {{ __('below first: :box, ~:kg', ['box' => $step->work->box->name(), 'kg' => $f->kg($step->work->box->honey->grossKg, 0)]) }}
@elseif ($step->isBoard())
  {{ __('board on, under :supers', ['supers' => $hive->supersAbove()]) }}
@elseif ($step->work === null)
  {{ $step->super->box->mark }}
@else
  @if ($step->frames() !== '')
    {{ __('frames :frames of', ['frames' => $step->frames()]) }}
  @endif
  {{ $step->super->box->mark }}, {{ $step->work->box->name() }} ·
  ~{{ $f->kg($step->work->box->honey->grossKg, 0) }}{{ $step->work->lift === null ? '' : ': ' . $say->term($step->work->lift->advice()) }}
@endif
