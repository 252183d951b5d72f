<x-plain :title="__('Not possible')">
  <h1>{{ __('Not possible') }}</h1>
  <p>
    {{ $sentence ?? ($exception?->getMessage() ?: __('Marjoram is being updated. Try again in a moment.')) }}
  </p>
  <p><a class="btn go" href="/">{{ __('To the season desk') }}</a></p>
</x-plain>
