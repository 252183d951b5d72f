@props(['action', 'done', 'id', 'words', 'with' => [], 'of' => ''])
<x-form
  :action="$action"
  method="put"
  {{ $attributes }}
  quick
>
  <x-hidden :of="$with + ['done' => $done ? 0 : 1]" />
  <button id="{{ $id }}" class="btn small"
    aria-pressed="{{ $done ? 'true' : 'false' }}">{{ $done ? '✓ ' : '' }}{{ $words }}<span
      class="sr">{{ $of }}</span></button>
</x-form>
