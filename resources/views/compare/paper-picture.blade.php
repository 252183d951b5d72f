<x-paper-svg :of="$picture" size="12px">
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
</x-paper-svg>
