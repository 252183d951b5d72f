@props(['mark', 'box' => null, 'lift' => null])
{{ $mark }}{{ $box === null ? '' : ', ' . $box->name() . ', ~' . $f->kg($box->grossKg, 0) }}@if ($lift !== null)
  · {{ $say->lift($lift) }}
@endif
