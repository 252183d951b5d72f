@props(['of'])
@if ($of !== null && !$of->isAlive)
  <p class="sub"><b>{{ __('No colony lives here.') }}</b></p>
@endif
@if (($of?->notes ?? '') !== '')
  <p class="note">{{ $of->notes }}</p>
@endif
