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

    .old {
      fill: #e4e4e4;
    }

    .est {
      fill: #aaa;
    }

    .rl {
      stroke: #ccc;
      fill: none;
    }

    .gnd,
    .whisk,
    .ymean {
      stroke: #000;
      fill: none;
    }
  </style>
  <x-drawing.shapes :of="$picture->shapes" />
</svg>
