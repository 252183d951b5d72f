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
      </svg>{{ $operation === null ? __('Set up your first yard') : __('Begin another operation') }}</h1>
    <p class="sub">
      {{ __('Choose your hives and boxes; the drawing follows. You can change everything later.') }}
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
    <p class="sub">
      {{ __('Do you have the file of a whole operation?') }}
      <a class="link" href="#bring">{{ __('Bring a whole operation') }}</a>
    </p>
    <x-form :action="route('start.store')">
      <div class="row">
        <x-field name="operation" :label="__('Name of your operation')" maxlength="120" />
        <x-field
          name="time_zone"
          :label="__('Time zone')"
          value="Europe/Stockholm"
          :options="$choose->timeZones()"
          data-own-zone
        />
        <x-field
          name="system"
          :label="__('Units')"
          :value="$system"
          :options="$choose->systems()"
        />
      </div>
      <div class="row">
        <x-field
          name="refractometer"
          :label="__('Have a refractometer?')"
          value="yes"
          :options="$choose->yesOrNo()"
          :hint="__('It reads the water. Without one, supers are judged by their capping.')"
        />
        <x-field
          name="winter_school"
          :label="__('What stays for winter')"
          value="computed"
          :options="$choose->winterSchools()"
        />
      </div>
      @include('yards.draw', ['kindNames' => $kindNames])
      <div class="btns"><button class="btn go">{{ __('Create the yard') }}</button>
        @if ($operation !== null)
          <a class="btn" href="{{ route('desk') }}">{{ __('Back to :name', ['name' => $operation->name]) }}</a>
        @endif
      </div>
    </x-form>
    <section class="blk">
      <h2>{{ __('Bring a whole operation') }}</h2>
      <p class="sub">
        {{ __('A file from Compare, Out and in. It becomes a new operation of yours.') }}
      </p>
      @include('start.bring', ['into' => 'new'])
    </section>
  </main>
</body>

</html>
