@props(['summary', 'open' => false])
<details class="astable" @if ($open) open @endif>
  <summary>{{ $summary }}</summary>
  {{ $slot }}
</details>
