<!doctype html>
<html lang="en" data-theme="light">

<head>
  <meta charset="utf-8">
  <meta name="viewport" content="width=device-width, initial-scale=1">
  <title>{{ __('Begin') }} · Marjoram</title>
  <link rel="icon" href="/icon.svg" type="image/svg+xml">
  <link rel="stylesheet" href="/build/app.css?{{ $assetVersion }}">
  <meta name="htmx-config" content="{{ json_encode(config('htmx')) }}">
  <script src="/build/htmx.min.js" defer nonce="{{ $nonce }}"></script>
  <script src="/build/keys.js?{{ $assetVersion }}" type="module" nonce="{{ $nonce }}"></script>
</head>

<body><x-sprite />
  <main class="plain wide">
    <h1><svg
        class="ig"
        width="22"
        height="26"
        aria-hidden="true"
      >
        <use href="#sprig" />
      </svg>{{ __('Draw your first yard') }}</h1>
    <p class="sub">
      {{ __('One yard, its hives and their boxes: the drawing follows as you choose. All of it can be changed later.') }}
    </p>
    @if ($errors->any())
      <div class="notice bad" role="alert">
        <ul>
          @foreach ($errors->all() as $message)
            <li>{{ $message }}</li>
          @endforeach
        </ul>
      </div>
    @endif
    <x-form :action="route('start.store')">
      <div class="row">
        <x-field name="operation" :label="__('Name of your operation')" maxlength="120" />
        <x-field
          name="time_zone"
          :label="__('Time zone')"
          value="Europe/Stockholm"
          :options="$choose->timeZones()"
        />
      </div>
      @include('yards.draw', ['kindNames' => $kindNames])
      <div class="btns"><button class="btn go">{{ __('Put it up') }}</button>
      </div>
    </x-form>
  </main>
</body>

</html>
