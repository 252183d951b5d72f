<style>
  @page {
    margin: 0;
  }

  body {
    font-family: paper;
    margin: 0;
  }

  .sheet {
    position: relative;
    width: 100%;
    page-break-after: always;
  }

  .sheet:last-child {
    page-break-after: auto;
  }

  .label {
    position: absolute;
    width: {{ $sheet->widthMm - 6 }}mm;
    height: {{ $sheet->heightMm - 4 }}mm;
    padding: 2mm 3mm;
    overflow: hidden;
  }

  @foreach ($sheet->places() as $n => [$left, $top])
    .at{{ $n }} {
      left: {{ $left }}mm;
      top: {{ $top }}mm;
    }
  @endforeach
</style>
