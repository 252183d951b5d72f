{{ __('Good day.') }}

{{ __('Somebody asked for a new password for your account. If it was you, choose one here within an hour:') }}

{{ $address }}

{{ __('If you did not ask for this, ignore this mail.') }}
