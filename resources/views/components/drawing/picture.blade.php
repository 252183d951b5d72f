@props(['of', 'box' => null, 'wide' => false])
<svg
  class="{{ $of->class }}"
  viewBox="{{ $of->viewBox() }}"
  @if ($wide) width="{{ $of->readableWidth() }}" @endif
  role="{{ $of->hasLinks ? 'group' : 'img' }}"
  aria-label="{{ $of->label }}"
  @foreach ($of->more as $name => $value) {{ $name }}="{{ $value }}" @endforeach
>
  <x-drawing.shapes :of="$of->shapes" :box="$box" />
</svg>
