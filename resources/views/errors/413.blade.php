<x-plain :title="__('This file is too large')">
  <h1>{{ __('This file is too large') }}</h1>
  <p>{{ __('Nothing was saved. The page that you came from names the largest size that it takes.') }}</p>
  <p><a class="btn go" href="/">{{ __('To the season desk') }}</a></p>
</x-plain>
