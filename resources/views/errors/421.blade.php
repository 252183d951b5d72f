<x-plain :title="__('Not the address of this Marjoram')">
  <h1>{{ __('Not the address of this Marjoram') }}</h1>
  <p>{{ __('This server does not answer under the address you used.') }}</p>
  <p>
    {{ __('Its address is:') }}
    <a href="{{ $address }}">{{ $address }}</a>
  </p>
  <p>
    {{ __('If you run this installation: add other addresses to MARJORAM_URL in the file .env, then start it again.') }}
  </p>
</x-plain>
