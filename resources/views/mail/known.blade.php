{{ __('Good day.') }}

{{ __('Somebody tried to sign up with your address. You already have an account. Nothing was changed.') }}

{{ __('Sign in:') }} {{ $signIn }}
{{ __('Choose a new password:') }} {{ $forgotten }}

{{ __('If you did not do this, ignore this mail.') }}
