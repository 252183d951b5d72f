<!doctype html>
<html lang="en">

<head>
  <meta charset="utf-8" />
  <title>{{ __('Labels') }}</title>
  @include('label-style')
  <style>
    body {
      font-family: paper;
      font-size: 8pt;
      margin: 0;
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
