<x-plain :title="__('Not possible')">
  <h1>{{ __('Not possible') }}</h1>
  <p>{{ __('This address does not accept that request.') }}
  </p>
  <p><a class="btn go" href="/">{{ __('To the season desk') }}</a></p>
</x-plain>
