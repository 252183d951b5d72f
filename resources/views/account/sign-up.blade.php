<x-plain :title="__('Sign up')">
  <h1>{{ __('Sign up') }}</h1>
  <form method="post" action="{{ route('sign-up') }}" class="narrow">@csrf
    <x-field
      name="name"
      :label="__('Name')"
      required
      autocomplete="name"
    />
    <x-field
      name="email"
      type="email"
      :label="__('E-mail')"
      required
      autocomplete="username"
    />
    <x-field
      name="password"
      type="password"
      :label="__('Password')"
      :hint="__('10 characters or more')"
      required
      autocomplete="new-password"
    />
    <x-field
      name="password_confirmation"
      type="password"
      :label="__('Password once more')"
      required
      autocomplete="new-password"
    />
    <div class="btns"><button class="btn go">{{ __('Sign up') }}</button> <a class="link"
        href="{{ route('sign-in') }}"
      >{{ __('I have an account') }}</a>
    </div>
  </form>
</x-plain>
