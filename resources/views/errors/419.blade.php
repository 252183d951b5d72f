<x-plain :title="__('Not possible')">
  <h1>{{ __('Not possible') }}</h1>
  <p>
    {{ __('The page lay open for too long. Go back, load it again, and send it once more.') }}
  </p>
  <p><a class="btn go" href="/">{{ __('To the season desk') }}</a></p>
</x-plain>
