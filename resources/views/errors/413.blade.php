<x-plain :title="__('This file is too large')">
  <h1>{{ __('This file is too large') }}</h1>
  <p>{{ __('Nothing was saved. The previous page names the largest size allowed.') }}</p>
  <p><a class="btn go" href="/">{{ __('To the season desk') }}</a></p>
</x-plain>
