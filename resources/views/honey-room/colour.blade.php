{{-- Colour, taste and plants of a lot: one line, alike everywhere, so that harvests can be compared. --}}
<p>
  @if ($lot->pfund_mm !== null)
    <svg
      class="w-70 max-w-full h-5"
      viewBox="0 0 280 20"
      role="img"
      aria-label="{{ __('colour :n mm Pfund', ['n' => $lot->pfund_mm]) }}"
    >
      <use href="#pfund" width="280" height="20" />
      <path class="thread" d="M{{ 2 * $lot->pfund_mm }} 0v20" />
    </svg> {{ $lot->pfund_mm }} mm ·
  @endif
  {{ $lot->taste }}{{ $lot->taste !== '' && $lot->plants !== '' ? ';' : '' }} {{ $lot->plants }}
</p>
