{{ __('Good day.') }}

{{ __('Open this link within a day to finish signing up:') }}

{{ $address }}

{{ __('If it was not you, you need not do anything: no account is made.') }}
