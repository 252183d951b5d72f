<x-plain :title="__('Another password')">
  <h1>{{ __('Another password') }}</h1>
  <form method="post" action="{{ route('forgotten.change', $token) }}" class="narrow">
    @csrf
    <x-field
      name="email"
      type="email"
      :label="__('E-mail')"
      :value="$email"
      required
      autocomplete="username"
    />
    <x-field
      name="password"
      type="password"
      :label="__('New password')"
      :hint="__('10 characters or more')"
      required
      autocomplete="new-password"
    />
    <x-field
      name="password_confirmation"
      type="password"
      :label="__('New password once more')"
      required
      autocomplete="new-password"
    />
    <div class="btns"><button class="btn go">{{ __('Change the password') }}</button></div>
  </form>
</x-plain>
