<x-paper-svg :of="$picture" size="8px">
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
</x-paper-svg>
