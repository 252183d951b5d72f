{{-- When a stack is dry enough, in words. --}}
@php($days = $stack->days($ready))
<b>{{ $stack->of->lot->code }}</b>
@if ($stack->warm)
  {{ __('is dry and thick: warm the honey to :c', ['c' => $f->celsius($stack->warm[0])]) }}@if ($stack->warm[1] < 1000)
    , {{ __('~:h from the yard', ['h' => $f->minutes(60 * $stack->warm[1])]) }}
  @endif
@elseif ($stack->isReady())
  {{ __('is dry enough: :water', ['water' => $f->water($stack->now->waterPct)]) }}
@elseif ($days === null)
  {{ __('stays too wet in this air: it ends at :water', ['water' => $f->water($ready->endPct)]) }}
@else
  {{ __('dry enough about :day', ['day' => $f->weekday($days[0])]) }}
  <span class="rng">{{ $days[1] ? $f->weekday($days[1]) : '' }} –
    {{ $days[2] ? $f->weekday($days[2]) : __('open') }}</span>
@endif
