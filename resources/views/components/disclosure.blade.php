@props(['summary', 'open' => false])
<details {{ $attributes->merge(['class' => 'astable']) }} @if ($open) open @endif>
  <summary>{{ $summary }}</summary>
  {{ $slot }}
</details>
