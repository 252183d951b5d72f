<nav class="tabs" aria-label="{{ __('Compare') }}">
  @foreach ([
        'index' => __('Seasons'),
        'queens' => __('Queens'),
        'yards' => __('Yards'),
        'plan' => __('Next year\'s queens'),
        'out' => __('Out and in'),
    ] as $name => $words)
    <a href="{{ route('compare.' . $name) }}" @if (request()->routeIs('compare.' . $name)) aria-current="page" @endif>
      {{ $words }}</a>
  @endforeach
</nav>
