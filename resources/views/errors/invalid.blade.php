<x-plain :title="__('Not saved')">
  <h1>{{ __('Not saved') }}</h1>
  <ul>
    @foreach ($messages as $of)
      @foreach ($of as $message)
        <li>{{ $message }}</li>
      @endforeach
    @endforeach
  </ul>
  <p><a class="btn go" href="/">{{ __('To the season desk') }}</a></p>
</x-plain>
