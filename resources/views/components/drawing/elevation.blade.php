@props(['of', 'hive' => null, 'box' => null])
<div class="elevation" role="group" aria-label="{{ $of->label }}">
  @foreach ($of->hives as $one)
    <svg
      @class(['hive', 'on' => $one->code === $hive])
      data-hive="{{ $one->code }}"
      viewBox="0 0 {{ $one->width }} {{ $one->height }}"
      width="{{ $one->width }}"
      height="{{ $one->height }}"
    >
      <x-drawing.shapes :of="$one->shapes" :code="$one->code === $hive ? $hive : null" :box="$box" />
      <path class="gnd" d="M0 {{ $one->ground }}H{{ $one->width }}" />
      <rect
        class="soil"
        x="0"
        y="{{ $one->ground }}"
        width="{{ $one->width }}"
        height="5"
      />
    </svg>
  @endforeach
</div>
