<svg
  xmlns="http://www.w3.org/2000/svg"
  width="{{ $picture->width }}"
  height="{{ $picture->height }}"
  viewBox="{{ $picture->viewBox() }}"
>
  <style>
    text {
      font-family: paper, 'DejaVu Sans';
      font-size: 8px;
    }

    .face {
      fill: #fff;
      stroke: #000;
      stroke-width: .7;
    }

    .tbar {
      fill: #000;
    }

    .tick {
      stroke: #999;
      stroke-width: .5;
      fill: none;
    }
  </style>
  <x-drawing.shapes :of="$picture->shapes" />
</svg>
