<p class="empty">{{ __('Supers appear here when a clearing is collected.') }} <a class="link"
    href="{{ route('clear.index') }}"
  >{{ __('Plan a clearing') }}</a></p>
