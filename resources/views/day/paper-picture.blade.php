<svg
  xmlns="http://www.w3.org/2000/svg"
  width="{{ $picture->width }}"
  height="{{ $picture->height }}"
  viewBox="{{ $picture->viewBox() }}"
>
  <style>
    text {
      font-family: paper, 'DejaVu Sans';
      font-size: 9px;
    }

    .b {
      font-weight: bold;
    }

    .slot,
    .bxo {
      fill: #fff;
      stroke: #000;
      stroke-width: .8;
    }

    .wall,
    .leg,
    .tbar {
      fill: #000;
    }

    .cap {
      fill: #8a8a8a;
    }

    .opn {
      fill: #d0d0d0;
    }

    .brd {
      fill: #ececec;
    }

    .pol {
      fill: #dcdcdc;
    }

    .slo,
    .joint,
    .gnd {
      fill: none;
      stroke: #000;
      stroke-width: .8;
    }
  </style>
  <x-drawing.shapes :of="$picture->shapes" />
</svg>
