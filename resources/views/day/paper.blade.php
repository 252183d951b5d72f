<!doctype html>
<html lang="en">

<head>
  <meta charset="utf-8" />
  <title>{{ $f->date($sheet->day) }}</title>
  <style>
    body {
      font-family: paper;
      font-size: 10pt;
    }

    h1 {
      font-family: 'paper head';
      font-weight: normal;
      font-size: 18pt;
      margin: 0 0 6pt;
    }

    h2 {
      font-size: 12pt;
      margin: 10pt 0 3pt;
      border-top: .5pt solid #000;
      padding-top: 4pt;
    }

    table {
      width: 100%;
      border-collapse: collapse;
    }

    th,
    td {
      padding: 2pt 6pt 2pt 0;
      vertical-align: top;
      text-align: left;
      border-bottom: .3pt solid #999;
    }

    th {
      font-size: 8pt;
    }

    .n {
      text-align: right;
    }

    .w22 {
      width: 22pt;
    }

    .w26 {
      width: 26pt;
    }

    .w40 {
      width: 40pt;
    }

    .w44 {
      width: 44pt;
    }

    .w52 {
      width: 52pt;
    }

    .w66 {
      width: 66pt;
    }

    .w78 {
      width: 78pt;
    }

    .beside {
      padding-left: 8pt;
    }

    .tick {
      width: 14pt;
    }

    .box {
      display: inline-block;
      width: 7pt;
      height: 7pt;
      border: .8pt solid #000;
    }

    .done {
      background: #000;
    }

    p {
      margin: 2pt 0;
    }

    .caution {
      border-left: 2pt solid #000;
      padding-left: 6pt;
      margin-top: 10pt;
    }

    img {
      margin: 4pt 0;
      width: 100%;
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
        <td class="tick"><span class="box"></span></td>
        <td class="n w26">{{ $item->count }}</td>
        <td>{{ $item->words }}</td>
      </tr>
    @endforeach
  </table>
  @foreach ($sheet->stops as $stop)
    @include('day.paper-stop')
  @endforeach
  <p class="caution">
    {{ __('Heavy boxes: two people or a tilting stand. Smoker and dry grass: have water ready. Carry what your doctor prescribed; do not work alone.') }}
  </p>
</body>

</html>
