@if ($troubles !== [])
  <p class="notice" data-mend>
    @foreach ($troubles as $sentence)
      <b>{{ $sentence }}</b>
    @endforeach
    <a class="link" href="{{ route('clear.mend') }}">{{ __('Mend the plan') }}</a>
  </p>
@endif
