<x-plain :title="__('Not possible')">
  <h1>{{ __('Not possible') }}</h1>
  <p>
    {{ $exception?->getMessage() ?: __('This request could not be read. Load the page again and send the form again.') }}
  </p>
  <p><a class="btn go" href="/">{{ __('To the season desk') }}</a></p>
</x-plain>
