@props(['of', 'size' => 18])
<x-mark :glyph="$say->glyph($of)" :size="$size" />{{ $say->method($of) }}
