<p class="empty">{{ __('Supers come here when a clearing is collected.') }} <a class="link"
    href="{{ route('clear.index') }}"
  >{{ __('Plan a clearing') }}</a></p>
