<x-plain :title="__('Not possible')">
  <h1>{{ __('Not possible') }}</h1>
  <p>{{ __('Too many tries. Wait a minute, then try again.') }}
  </p>
  <p><a class="btn go" href="/">{{ __('To the season desk') }}</a></p>
</x-plain>
