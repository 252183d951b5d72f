@props(['glyph', 'size' => 18])
<svg
  {{ $attributes->merge(['class' => 'ig']) }}
  width="{{ $size }}"
  height="{{ $size }}"
  aria-hidden="true"
>
  <use href="#v-{{ $glyph }}" />
</svg>
