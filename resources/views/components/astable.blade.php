@props(['csv' => null, 'open' => false])
<details class="astable" @if ($open) open @endif>
  <summary>{{ __('as a table') }}</summary>
  <x-scroll :label="__('as a table')">{{ $slot }}</x-scroll>
  @if ($csv)
    <p class="sub"><a href="{{ $csv }}">{{ __('Download as CSV') }}</a></p>
  @endif
</details>
