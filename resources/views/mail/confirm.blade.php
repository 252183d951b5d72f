{{ __('Good day.') }}

{{ __('Open this link within a day to finish signing up:') }}

{{ $address }}

{{ __('If you did not do this, ignore this mail: no account is created.') }}
