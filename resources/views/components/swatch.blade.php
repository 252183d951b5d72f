<span class="sw"><svg viewBox="0 0 14 12" aria-hidden="true">{{ $slot }}</svg></span>
