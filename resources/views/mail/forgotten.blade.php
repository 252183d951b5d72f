{{ __('Good day.') }}

{{ __('Somebody asked for another password for your account. If it was you, choose one here, within an hour:') }}

{{ $address }}

{{ __('If it was not you, nothing has to be done.') }}
