<!doctype html>
<html lang="en">

<head>
  <meta charset="utf-8" />
  <title>{{ $season }}</title>
  @include('paper-style')
</head>

<body>
  <h1>{{ $operation }}: {{ __('season :year', ['year' => $season]) }}</h1>
  @foreach ($parts as $part)
    <div class="part">
      <h2>{{ $part->name }}: {{ $f->kg($part->yard->totalKg, 0) }}</h2>
      <p>{{ $part->words($f) }}</p>
      <img src="{{ $part->picture }}" width="520" />
      <table>
        <tr>
          <th>{{ __('Hive') }}</th>
          <th>{{ __('Queen') }}</th>
          <th class="num">{{ $f->massUnit() }}</th>
          <th>{{ __('Came off') }}</th>
          <th>{{ __('How') }}</th>
          <th>{{ __('What happened to it') }}</th>
        </tr>
        @foreach ($part->crops as $crop)
          <tr>
            <td>{{ $crop->hive }}</td>
            <td>{{ $crop->queen ?? '–' }}</td>
            <td class="num">{{ $f->kg($crop->honey->kg) }}
              {{ $crop->honey->sdKg() > 0 ? $f->kgRange($crop->honey->kg, $crop->honey->sdKg()) : '' }}
            </td>
            <td>{{ $say->taken($crop->supers, $crop->frames) }}</td>
            <td>{{ $crop->how() }}</td>
            <td>
              {{ $crop->happened() }}
            </td>
          </tr>
        @endforeach
      </table>
    </div>
  @endforeach
</body>

</html>
