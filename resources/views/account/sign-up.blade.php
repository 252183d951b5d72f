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
    <x-new-password :label="__('Password')" :again="__('Repeat the password')" />
    <div class="btns"><button class="btn go">{{ __('Sign up') }}</button> <a class="link"
        href="{{ route('sign-in') }}"
      >{{ __('I have an account') }}</a>
    </div>
  </form>
</x-plain>
