@props(['of'])
{{-- A chart of many columns: on a phone as wide as its words need, and moved sideways. --}}
<x-scroll class="pan" :label="$of->label" {{ $attributes }}>
  <x-drawing.picture :of="$of" wide />
</x-scroll>
