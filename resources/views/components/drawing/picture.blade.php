@props(['of', 'box' => null])
<svg
  class="{{ $of->class }}"
  viewBox="{{ $of->viewBox() }}"
  role="{{ $of->hasLinks ? 'group' : 'img' }}"
  aria-label="{{ $of->label }}"
  @foreach ($of->more as $name => $value) {{ $name }}="{{ $value }}" @endforeach
>
  <x-drawing.shapes :of="$of->shapes" :box="$box" />
</svg>
