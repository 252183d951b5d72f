<x-plain :title="__('Not possible')">
  <h1>{{ __('Not possible') }}</h1>
  <p>
    {{ $exception?->getMessage() ?: __('This could not be understood. Load the page again and send it once more.') }}
  </p>
  <p><a class="btn go" href="/">{{ __('To the season desk') }}</a></p>
</x-plain>
