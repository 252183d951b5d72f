<svg
  xmlns="http://www.w3.org/2000/svg"
  width="{{ $picture->width }}"
  height="{{ $picture->height }}"
  viewBox="{{ $picture->viewBox() }}"
>
  <style>
    text {
      font-family: paper, 'DejaVu Sans';
      font-size: 12px;
    }

    .b {
      font-weight: bold;
    }

    .hit {
      fill: none;
    }

    .crop {
      fill: #777;
      stroke: #000;
      stroke-width: .8;
    }

    .crop.old {
      fill: #ddd;
    }

    .rl {
      stroke: #ccc;
      fill: none;
    }

    .gnd,
    .ymean {
      stroke: #000;
      fill: none;
    }
  </style>
  <x-drawing.shapes :of="$picture->shapes" />
</svg>
