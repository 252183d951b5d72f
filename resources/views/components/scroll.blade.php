@props(['label'])
{{-- Wider than a phone: what scrolls must be reached by the keyboard, so it is a region with a name. --}}
<div
  {{ $attributes->merge(['class' => 'scroll']) }}
  tabindex="0"
  role="region"
  aria-label="{{ $label }}"
>{{ $slot }}</div>
