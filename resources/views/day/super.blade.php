@php($box = $stop->box($item))
@php($lift = $stop->lift($item))
@if ($stop->places)
  {{ __('above the board:') }}
@endif
{{ $item->box->mark }}{{ $box === null ? '' : ', ' . $box->name() }}
@if ($box !== null && !$stop->places)
  · ~{{ $f->kg($box->honey->grossKg, 0) }}{{ $lift === null ? '' : ': ' . $say->term($lift->advice()) }}
@endif
