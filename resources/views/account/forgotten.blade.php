<x-plain :title="__('Forgotten password')">
  <h1>{{ __('Forgotten password') }}</h1>
  @if (session('sent'))
    <p class="notice" role="status">{{ session('sent') }}</p>
  @endif
  <form method="post" action="{{ route('forgotten.send') }}" class="narrow">
    @csrf
    <x-field
      name="email"
      type="email"
      :label="__('E-mail')"
      required
      autofocus
      autocomplete="username"
    />
    <div class="btns">
      <button class="btn go">{{ __('Send me a mail') }}</button>
      <a class="link" href="{{ route('sign-in') }}">{{ __('Back') }}</a>
    </div>
  </form>
</x-plain>
