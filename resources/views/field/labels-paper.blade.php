<!doctype html>
<html lang="en">

<head>
  <meta charset="utf-8" />
  <title>{{ __('Labels') }}</title>
  <style>
    @page {
      margin: 0;
    }

    body {
      font-family: paper;
      font-size: 8pt;
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

    .label img {
      position: absolute;
      left: 2mm;
      top: 1mm;
      width: {{ $sheet->heightMm - 3 }}mm;
      height: {{ $sheet->heightMm - 3 }}mm;
    }

    .words {
      position: absolute;
      left: {{ $sheet->heightMm }}mm;
      top: 5mm;
    }

    .code {
      font-family: 'paper head';
      font-size: 20pt;
    }

    @foreach ($sheet->places() as $n => [$left, $top])
      .at{{ $n }} {
        left: {{ $left }}mm;
        top: {{ $top }}mm;
      }
    @endforeach
  </style>
</head>

<body>
  @foreach ($pages as $page)
    <div class="sheet">
      @foreach ($page as $n => $printed)
        <div class="label at{{ $n }}">
          <img src="{{ $printed->picture }}">
          <div class="words">
            <div class="code">{{ $printed->label->code }}</div>
            <div>{{ $printed->label->beside }}</div>
          </div>
        </div>
      @endforeach
    </div>
  @endforeach
</body>

</html>
