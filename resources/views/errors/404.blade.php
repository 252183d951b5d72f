<x-plain :title="__('Not possible')">
  <h1>{{ __('Not possible') }}</h1>
  <p>
    {{ $exception?->getMessage() && 404 === 400 ? $exception->getMessage() : __('There is nothing here, or it is not yours.') }}
  </p>
  <p><a class="btn go" href="/">{{ __('To the season desk') }}</a></p>
</x-plain>
