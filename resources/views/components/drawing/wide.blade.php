@props(['of', 'name' => null])
{{-- A chart of many columns: on a phone as wide as its words need, and moved sideways. Where a page has
     several that are labelled alike, each has a name of its own. --}}
<x-scroll class="pan" :label="$name === null ? $of->label : $name . ': ' . $of->label" {{ $attributes }}>
  <x-drawing.picture :of="$of" wide />
</x-scroll>
