@php($box = $stop->box($item))
@php($lift = $stop->lift($item))
@if ($stop->places)
  {{ __('above the board:') }}
  @endif{{ $item->box->mark }}@if ($box !== null), {{ $box->name() }}
    @if (!$stop->places), ~{{ $f->kg($box->honey->grossKg, 0) }}
      @if ($lift !== null)
        : {{ $say->term($lift->advice()) }}
      @endif
    @endif
  @endif
