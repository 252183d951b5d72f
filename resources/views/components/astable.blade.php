@props(['csv' => null, 'open' => false])
<details class="astable" @if ($open) open @endif>
  <summary>{{ __('as a table') }}</summary>
  <div class="scroll">{{ $slot }}</div>
  @if ($csv)
    <p class="sub"><a href="{{ $csv }}">{{ __('Download as CSV') }}</a></p>
  @endif
</details>
