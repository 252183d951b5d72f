@props(['of', 'size' => '9px'])
<svg
  xmlns="http://www.w3.org/2000/svg"
  width="{{ $of->width }}"
  height="{{ $of->height }}"
  viewBox="{{ $of->viewBox() }}"
>
  <style>
    text {
      font-family: paper, 'DejaVu Sans';
      font-size: {{ $size }};
    }

    .b {
      font-weight: bold;
    }

    {{ $slot }}
  </style>
  <x-drawing.shapes :of="$of->shapes" />
</svg>
