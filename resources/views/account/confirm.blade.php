<x-plain :title="__('Finish signing up')">
  <h1>{{ __('Finish signing up') }}</h1>
  <p>{{ __('The button creates an account for :email.', ['email' => $asked->email]) }}</p>
  <form method="post" action="{{ route('sign-up.finish', $token) }}">
    @csrf
    <div class="btns"><button class="btn go">{{ __('Create my account') }}</button></div>
  </form>
</x-plain>
