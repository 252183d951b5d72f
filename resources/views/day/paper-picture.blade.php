<x-paper-svg :of="$picture" size="9px">
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
</x-paper-svg>
