<x-plain :title="__('Choose a new password')">
  <h1>{{ __('Choose a new password') }}</h1>
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
    <x-new-password :is-change="true" />
    <div class="btns"><button class="btn go">{{ __('Change the password') }}</button></div>
  </form>
</x-plain>
