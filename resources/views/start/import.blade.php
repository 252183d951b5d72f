<x-plain :title="__('Importing an operation')">
  @if (!$import->state->isOver())
    <x-slot:head>
      <meta name="htmx-config" content="{{ json_encode(config('htmx')) }}">
      <script src="/build/htmx.min.js" defer nonce="{{ $nonce }}"></script>
      <noscript>
        <meta http-equiv="refresh" content="3">
      </noscript>
    </x-slot:head>
  @endif
  <h1>{{ __('Importing an operation') }}</h1>
  <p class="sub">{{ $import->file_name }}</p>
  @include('start.import-state')
</x-plain>
