<x-plain :title="__('Sign in')">
  <h1><svg
      class="ig"
      width="22"
      height="26"
      aria-hidden="true"
    >
      <use href="#sprig" />
    </svg>Marjoram</h1>
  <p class="sub">{{ __("The beekeeper's harvest, measured and calculated.") }}</p>
  @if (session('sent'))
    <p class="notice" role="status">{{ session('sent') }}</p>
  @endif
  <form method="post" action="{{ route('sign-in') }}" class="narrow">@csrf
    <x-field
      name="email"
      type="email"
      :label="__('E-mail')"
      required
      autofocus
      autocomplete="username"
    />
    <x-field
      name="password"
      type="password"
      :label="__('Password')"
      required
      autocomplete="current-password"
    />
    <label class="check">
      <input type="checkbox" name="remember" value="1">
      {{ __('stay signed in on this device') }}</label>
    <div class="btns"><button class="btn go">{{ __('Sign in') }}</button> <a class="link"
        href="{{ route('sign-up') }}"
      >{{ __('New here? Sign up') }}</a>
      <a class="link" href="{{ route('forgotten.ask') }}">{{ __('Forgotten password') }}</a>
    </div>
  </form>
</x-plain>
