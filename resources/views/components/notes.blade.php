@props(['of'])
@if ($of !== null && !$of->isAlive)
  <p class="sub"><b>{{ __('No colony lives here.') }}</b></p>
@endif
@if (($of?->notes ?? '') !== '')
  <p class="border-l-3 border-l-mauve pl-2 max-w-[60ch]">{{ $of->notes }}</p>
@endif
