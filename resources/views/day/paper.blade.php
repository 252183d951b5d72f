<!doctype html>
<html lang="en">

<head>
  <meta charset="utf-8" />
  <title>{{ $f->date($sheet->day) }}</title>
  <style>
    body {
      font-family: DejaVu Sans;
      font-size: 10pt;
    }

    h1 {
      font-size: 16pt;
      margin: 0 0 6pt;
    }

    h2 {
      font-size: 12pt;
      margin: 10pt 0 3pt;
      border-top: .5pt solid #000;
      padding-top: 4pt;
    }

    td {
      padding: 1pt 6pt 1pt 0;
      vertical-align: top;
    }

    .n {
      text-align: right;
    }

    p {
      margin: 2pt 0;
    }

    .caution {
      border-left: 2pt solid #000;
      padding-left: 6pt;
      margin-top: 10pt;
    }
  </style>
</head>

<body>
  <h1>{{ $f->weekday($sheet->day) }} {{ $sheet->day->format('Y') }}</h1>
  <p>
    @include('day.lifted')</p>
  <h2>{{ __('To load') }}</h2>
  <table>
    @foreach ($sheet->load as $item)
      <tr>
        <td>&#9744;</td>
        <td class="n">{{ $item->count }}</td>
        <td>{{ $item->words }}</td>
      </tr>
    @endforeach
  </table>
  @foreach ($sheet->stops as $stop)
    @include('day.paper-stop')
  @endforeach
  <p class="caution">
    {{ __('Heavy boxes: two people or a tilting stand. Smoker and dry grass: water at hand. Carry what your doctor prescribed; do not work alone.') }}
  </p>
</body>

</html>
