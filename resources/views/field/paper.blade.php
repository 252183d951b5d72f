<!doctype html>
<html lang="en">

<head>
  <meta charset="utf-8" />
  <title>{{ $apiary->name }}</title>
  @include('paper-style')
  <style>
    .super {
      page-break-inside: avoid;
      margin: 0 0 7pt;
    }

    .super img {
      width: 100%;
    }

    .sq {
      display: inline-block;
      width: 8pt;
      height: 8pt;
      border: .8pt solid #000;
    }

    .line {
      border-bottom: .5pt solid #000;
    }
  </style>
</head>

<body>
  <h1>{{ $apiary->name }}</h1>
  <p>
    {{ __('Day') }} ____________ {{ __('Who') }} ____________________
    {{ __('Shade each face down to the end of the capping: left A, right B. In the evening type the line under Short notes.') }}
  </p>
  @foreach ($hives as $code => $rows)
    <h2>{{ $code }}</h2>
    @if ($rows === [])
      <p>{{ __('no super') }}</p>
    @endif
    @foreach ($rows as $row)
      <div class="super">
        <b>{{ $row->name }}</b> ({{ $row->last }})
        <span class="sq"></span> {{ __('rains') }} <span class="sq"></span> {{ __('does not rain') }}
        {{ __('water') }} ______ % <span class="sq"></span> {{ __('take') }} <span class="sq"></span>
        {{ __('stay') }}
        <img src="{{ $row->picture }}">
        <div class="gap-2 items-center flex-wrap my-1">{{ $row->note }}</div>
      </div>
    @endforeach
    <div class="gap-2 items-center flex-wrap my-1">{{ $code }}: {{ __('weight, queen, words') }}</div>
  @endforeach
</body>

</html>
