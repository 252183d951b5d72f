{{ __('Good day.') }}

{{ __('Somebody tried to sign up with your address. You already have an account: nothing was changed.') }}

{{ __('Sign in:') }} {{ $signIn }}
{{ __('Choose a new password:') }} {{ $forgotten }}

{{ __('If it was not you, you need not do anything.') }}
