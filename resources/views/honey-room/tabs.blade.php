<nav class="tabs" aria-label="{{ __('Honey room') }}"
  data-known="{{ route('honey-room.known', ['known' => $revision]) }}"
>
  @foreach ([
        'index' => __('Bench'),
        'door' => __('Door'),
        'warm' => __('Warm room'),
        'extractor' => __('Extractor'),
        'blend' => __('Blend'),
        'batches' => __('Tanks'),
        'jars' => __('Jar plan'),
        'lots' => __('Lots'),
        'equipment' => __('Kit'),
    ] as $name => $words)
    <a href="{{ route('honey-room.' . $name) }}" @if (request()->routeIs('honey-room.' . $name)) aria-current="page" @endif>
      {{ $words }}</a>
  @endforeach
</nav>
