@props(['of', 'size' => 18])
<x-mark :glyph="$say->mark($of)" :size="$size" {{ $attributes }} />
