@props(['of', 'decimals' => 0])
~{{ $f->kg($of->kg, $decimals) }} {{ $f->kgRange($of->kg, $of->sdKg(), $decimals) }}
