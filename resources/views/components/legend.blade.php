<ul class="key" aria-label="{{ __('Key') }}">
  @foreach ($choose->contents() as $class => $words)
    <li><span class="sw"><svg viewBox="0 0 14 12" aria-hidden="true">
          <rect class="{{ $class }}" width="14" height="12" />
        </svg></span>{{ $words }}</li>
  @endforeach
  <li><span class="sw"><svg viewBox="0 0 14 12" aria-hidden="true">
        <rect class="cap pre" width="14" height="7" />
        <path class="slo dash" d="M1 1h12v10h-12z" />
      </svg></span><i>{{ __('not inspected') }}</i></li>
</ul>
