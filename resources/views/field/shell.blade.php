<!doctype html>
<html
  lang="en"
  data-theme="sun"
  data-build="{{ $assetVersion }}"
  data-core="{{ $core }}"
>

<head>
  <meta charset="utf-8">
  <meta name="viewport" content="width=device-width, initial-scale=1">
  <title>{{ __('Field sheet') }} · Marjoram</title>
  <link rel="icon" href="/icon.svg" type="image/svg+xml">
  <link rel="manifest" href="/field/manifest.json">
  <link rel="apple-touch-icon" href="/build/icon-192.png">
  <meta name="theme-color" content="#4c6848">
  <link rel="stylesheet" href="/build/app.css?{{ $assetVersion }}">
  <script src="/build/field.js?{{ $assetVersion }}" type="module"></script>
</head>

<body class="fs">
  <x-sprite />
  <p
    class="notice bad"
    id="trouble"
    role="alert"
    hidden
  ></p>
  <button
    class="btn w-full mt-2"
    id="update"
    type="button"
    hidden
  >{{ __('Load the newer version') }}</button>
  <main id="field" data-words="{{ json_encode($words) }}">
    <noscript>
      <h1>{{ __('Field sheet') }}</h1>
      <p>
        {{ __('The field sheet needs scripts. Without scripts use the pages, which need a network.') }}
      </p>
      <ul>
        <li><a class="link" href="/assess">{{ __('Assess') }}</a></li>
        <li><a class="link" href="/short-notes">{{ __('Short notes') }}</a></li>
        <li><a class="link" href="/watch">{{ __('Watch') }}</a></li>
      </ul>
    </noscript>
  </main>
  <p
    class="fs-announce"
    id="announce"
    role="status"
    aria-live="polite"
  ></p>
</body>

</html>
