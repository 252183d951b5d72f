<!doctype html>
<html lang="en">

<head>
  <meta charset="utf-8" />
  <title>{{ $fill->batch->code }}</title>
  @include('label-style')
  <style>
    body {
      font-family: paper;
      font-size: 7pt;
      margin: 0;
    }

    .name {
      font-family: 'paper head';
      font-size: 12pt;
    }

    .net {
      font-size: 9pt;
      font-weight: bold;
    }
  </style>
</head>

<body>
  @for ($page = 0; $page < $sheet->pages; $page++)
    <div class="sheet">
      @foreach ($sheet->places() as $n => $place)
        <div class="label at{{ $n }}">
          <div class="name">{{ $name }}</div>
          <div class="net">{{ $net }}</div>
          <div>{{ $operation }}@if ($origin !== '')
              · {{ __('Origin: :where', ['where' => $origin]) }}
            @endif
          </div>
          <div>{{ __('Lot :code', ['code' => $fill->batch->code]) }} ·
            {{ __('best before :day', ['day' => $fill->best_before->format('Y-m-d')]) }}</div>
          <div>{{ __('Not for infants under 12 months.') }}</div>
        </div>
      @endforeach
    </div>
  @endfor
</body>

</html>
