@props(['of', 'id' => null])
@php($term = $choose->term($of))
@php($box = $id ?? 'term-' . $term->key())
<button
  type="button"
  class="term"
  popovertarget="{{ $box }}"
  aria-label="{{ __('What is :word?', ['word' => __($term->value)]) }}"
>?</button><span
  popover
  class="termbox"
  id="{{ $box }}"
  role="note"
><b>{{ ucfirst(__($term->value)) }}</b> {{ $term->meaning() }}</span>
