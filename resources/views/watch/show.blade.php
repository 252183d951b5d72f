@php($flow = $page->watched->flow)
<x-page :title="__('Watch') . ': ' . $apiary->name" stage="watch" :yard="$apiary->slug">
  <x-slot:head>
    <script src="/build/watch.js?{{ $assetVersion }}" type="module" nonce="{{ $nonce }}"></script>
  </x-slot:head>
  <div class="hd">
    <h1>{{ $apiary->name }}: {{ $flow->sentence() }}</h1>
    <span class="sub">
      {{ $page->source($f) }}
    </span>
  </div>
  @if ($picture === null)
    <p class="empty">
      {{ __('No weights yet, and no scale within :way. Note a hive\'s weight below, or what you see.', ['way' => $f->lengths->way(15.0)]) }}
    </p>
  @else
    @include('watch.chart')
  @endif
  @can('record')
    @include('watch.see')
  @endcan
  <div class="cols2">
    @include('watch.signs')
    @include('watch.blooms')
  </div>
  @include('watch.weights')
  <x-slot:why>
    @include('watch.why')
  </x-slot:why>
</x-page>
