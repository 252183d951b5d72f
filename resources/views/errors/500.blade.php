<x-plain :title="__('Not possible')">
  <h1>{{ __('Not possible') }}</h1>
  <p>
    {{ __('Something went wrong on our side. Your last change was not saved. Try again.') }}
  </p>
  <p><a class="btn go" href="/">{{ __('To the season desk') }}</a></p>
</x-plain>
