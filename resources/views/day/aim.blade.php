@if ($stop->placesBoards() && $stop->bringsIn())
  {{ __('boards on, supers in') }}
@elseif ($stop->placesBoards())
  {{ __('boards on') }}
@else
  {{ __('supers in') }}
@endif
