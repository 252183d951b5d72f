@props(['title'])
<!doctype html>
<html lang="en" data-theme="light">

<head>
  <meta charset="utf-8">
  <meta name="viewport" content="width=device-width, initial-scale=1">
  <title>{{ $title }} · Marjoram</title>
  <link rel="icon" href="/icon.svg" type="image/svg+xml">
  <link rel="stylesheet" href="/build/app.css?{{ $assetVersion }}">
  {{ $head ?? '' }}
</head>

<body><x-sprite />
  <main class="plain">{{ $slot }}</main>
</body>

</html>
