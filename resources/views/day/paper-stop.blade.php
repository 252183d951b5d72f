@php($number = $sheet->numberOf($stop))
<h2>
  {{ $number === null ? __('also') : $number . '.' }} {{ $stop->clearing->apiary->name }}:
  {{ $stop->places ? __('boards on') : __('supers in') }}
</h2>
<p>
  @if (!$stop->sameStop)
    {{ __(':m drive', ['m' => $f->minutes($stop->driveMin)]) }},
  @endif
  {{ $say->method($stop->clearing->method) }}.
  @if ($stop->places)
    {{ __('Each board right side up, under the supers that come off and above all that stays; tape every gap and upper entrance.') }}
  @endif
  @if ($stop->belowMin > 0)
    {{ __('First move below what stays (:n min): only what stands above a board is cleared.', ['n' => $stop->belowMin]) }}
  @endif
</p>
<table>
  @foreach ($stop->byHive as $code => $items)
    @foreach ($stop->toLookAt($code) as $box)
      <tr>
        <td>&#9744;</td>
        <td><b>{{ $code }}</b></td>
        <td>{{ __('Look first: :box was not ripe when it was last seen.', ['box' => $box->name()]) }}</td>
      </tr>
    @endforeach
    @foreach ($stop->below[$code] ?? [] as $box)
      <tr>
        <td>&#9744;</td>
        <td><b>{{ $code }}</b></td>
        <td>{{ __('below first: :box, ~:kg', ['box' => $box->name(), 'kg' => $f->kg($box->honey->grossKg, 0)]) }}</td>
      </tr>
    @endforeach
    @foreach ($items as $item)
      <tr>
        <td>
          @if (($stop->places ? $item->placed_at : $item->collected_at) !== null)
            &#9745;
          @else
            &#9744;
          @endif
        </td>
        <td><b>{{ $code }}</b></td>
        <td>
          @include('day.super')</td>
      </tr>
    @endforeach
  @endforeach
</table>
