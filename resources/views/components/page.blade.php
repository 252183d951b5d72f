@props(['title', 'stage' => null, 'yard' => null, 'why' => null, 'wall' => false])
<!doctype html>
<html lang="en" data-theme="{{ $f->preferences->theme }}">

<head>
  <meta charset="utf-8">
  <meta name="viewport" content="width=device-width, initial-scale=1">
  <title>{{ $title }} · Marjoram</title>
  <link rel="icon" href="/icon.svg" type="image/svg+xml">
  <link rel="stylesheet" href="/build/app.css?{{ $assetVersion }}">
  <meta name="csrf-token" content="{{ csrf_token() }}">
  <meta name="htmx-config" content="{{ json_encode(config('htmx')) }}">
  <script src="/build/htmx.min.js" defer nonce="{{ $nonce }}"></script>
  <meta name="address" content="{{ request()->getRequestUri() }}">
  <script src="/build/keys.js?{{ $assetVersion }}" type="module" nonce="{{ $nonce }}"></script>
  <script src="/build/roving.js?{{ $assetVersion }}" type="module" nonce="{{ $nonce }}"></script>
  <script src="/build/again.js?{{ $assetVersion }}" type="module" nonce="{{ $nonce }}"></script>
  <script src="/build/signout.js?{{ $assetVersion }}" type="module" nonce="{{ $nonce }}"></script>
  <script src="/build/kept.js?{{ $assetVersion }}" type="module" nonce="{{ $nonce }}"></script>
  {{ $head ?? '' }}
</head>

<body>
  <a class="skip" href="#work">{{ __('Skip to the page') }}</a>
  {{ $skip ?? '' }}
  <x-sprite />
  <header class="ribbon">
    <div class="brand">
      <a href="{{ route('desk') }}" @if ($stage === 'desk') aria-current="page" @endif>
        <svg width="20" height="24" aria-hidden="true">
          <use href="#sprig" />
        </svg>Marjoram</a>
      <a class="season"
        href="{{ route('season.show') }}">{{ __('season :year', ['year' => $summary->now->season]) }}</a>
    </div>
    <div class="ribbon-box"><x-drawing.picture :of="$ribbon" /></div>
    <details class="more">
      <summary>{{ __('Yards, kit, more') }}</summary>
      <nav class="menu" aria-label="{{ __('Yards, kit, more') }}">
        <a class="thumb-only" href="#yards">{{ __('Choose a yard') }}</a>
        <a href="{{ route('field') }}">{{ __('Field sheet') }}</a>
        <a href="{{ route('yards.index') }}">{{ __('Yards and kit') }}</a>
        <a href="{{ route('season.show') }}">{{ __('Season') }}</a>
        <a href="{{ route('assess.notes') }}">{{ __('Short notes') }}</a>
        <a href="{{ route('field.labels') }}">{{ __('Labels') }}</a>
        <a href="{{ route('practise.face') }}">{{ __('Practise') }}</a>
        <a href="{{ route('calibrate.show') }}">{{ __('Weighings and instruments') }}</a>
        <a href="{{ route('account.show') }}">{{ __('Account and units') }}</a>
        <a href="{{ route('account.policy') }}">{{ __('Policy') }}</a>
        <a href="{{ route('account.trail') }}">{{ __('Changes') }}</a>
        <a href="{{ route('account.bin') }}">{{ __('Bin') }}</a>
        <form method="post" action="{{ route('sign-out') }}"
          data-sign-out="{{ __('Some taps on this phone are not sent yet and would be lost. Sign out anyway?') }}"
        >@csrf<button>{{ __('Sign out') }}</button></form>
      </nav>
    </details>
  </header>
  <nav class="stages" aria-label="{{ __('Stages') }}">
    @foreach ($stages as $key => $name)
      <a href="{{ $strip->stage($key, $yard) }}" data-key="{{ $loop->iteration }}"
        @if ($stage === $key) aria-current="page" @endif
      >
        <kbd aria-hidden="true">{{ $loop->iteration }}</kbd><span class="sn">{{ __($name) }}</span><span
          class="sf"
        >{{ $figures[$key] }}</span></a>
    @endforeach
  </nav>
  <div class="frame {{ $why === null ? 'nowhy' : '' }} {{ $wall ? 'wall-view' : '' }}">
    <nav class="strip" id="yards" aria-label="{{ __('Yards') }}">
      <a class="all {{ $yard === null ? 'on' : '' }}" href="{{ $strip->all($stage) }}"
        @if ($yard === null) aria-current="true" @endif
      >
        <b>{{ __('All yards') }}</b><br><span
          class="soft sub">{{ trans_choice(':count hive|:count hives', $summary->hives()) }},
          {{ trans_choice(':count yard|:count yards', count($summary->yards)) }}</span></a>
      <form
        class="find"
        method="get"
        action="{{ route('yards.find') }}"
        role="search"
      >
        <kbd aria-hidden="true">/</kbd><input
          name="code"
          id="find"
          maxlength="12"
          autocomplete="off"
          placeholder="{{ __('find a hive by code') }}"
          aria-label="{{ __('Find a hive by code') }}"
        >
      </form>
      @foreach ($summary->yards as $one)
        <a class="yard {{ $yard === $one->slug ? 'on' : '' }}" href="{{ $strip->yard($stage, $one->slug) }}"
          @if ($yard === $one->slug) aria-current="true" @endif
        >
          <span class="yn">{{ $one->name }}</span><x-drawing.picture :of="$one->miniature" />
          <span class="yl">{{ $one->line($f) }}</span></a>
      @endforeach
      <div class="foot">
        <form
          method="post"
          action="{{ route('undo') }}"
          class="inline"
          id="undo-form"
        >@csrf<x-key /><button class="link-btn" data-undo><kbd aria-hidden="true">u</kbd> {{ __('undo') }}</button>
        </form>
        &nbsp; <button class="link-btn" type="button" data-keys-open><kbd aria-hidden="true">?</kbd>
          {{ __('all keys') }}</button>
      </div>
    </nav>
    <main id="work" tabindex="-1">
      <div
        class="unanswered"
        id="unanswered"
        role="alert"
        hidden
        data-trying="{{ __('No answer. Trying again …') }}"
        data-gave-up="{{ __('Marjoram does not answer. Nothing was saved. Send the form again; sent twice, it counts once.') }}"
      ></div>
      <div
        class="kept-here"
        id="kept"
        role="status"
        hidden
        data-who="{{ $browser }}"
        data-waiting="{{ __('Saved in this browser, not sent yet: :n. Marjoram does not answer. The frames are sent when it does.') }}"
        data-refused="{{ __('Saved in this browser, not sent: :n.') }}"
        data-gone="{{ __('Your painting belongs to another operation. Choose that operation under Account and units to send it.') }}"
        data-signed-out="{{ __('You are signed out. Your painting is saved in this browser and is sent after you sign in.') }}"
      >
        <div>
          <span data-says></span>
          <ul data-reasons></ul>
          <span class="btns" data-choose>
            <button type="button" class="btn small" data-again>{{ __('Send it again') }}</button>
            <button type="button" class="btn small" data-throw>{{ __('Discard it') }}</button>
            <a class="btn small" href="{{ route('sign-in') }}">{{ __('Sign in') }}</a>
          </span>
        </div>
      </div>
      @if (session('saved'))
        <div class="notice" role="status"><span>{{ session('saved') }}</span>
          @can('record')
            <form method="post" action="{{ route('undo') }}">@csrf<x-key /><button
                class="btn small">{{ __('Undo') }}</button></form>
          @endcan
        </div>
      @endif
      @if (session('undone'))
        <div class="notice" role="status">{{ session('undone') }}</div>
      @endif
      @if ($errors->any())
        <div class="notice bad" role="alert">
          <div><b>{{ __('Not saved. Your entries are still in the form.') }}</b>
            <ul>
              @foreach ($errors->all() as $message)
                <li>{{ $message }}</li>
              @endforeach
            </ul>
          </div>
        </div>
      @endif
      {{ $slot }}
    </main>
    @if ($why !== null)
      <aside class="why" id="why" aria-label="{{ __('Why') }}">{{ $why }}</aside>
    @endif
  </div>
  <dialog class="dialog" id="keys" aria-labelledby="keys-title">
    <h2 id="keys-title">{{ __('Keys') }}</h2>
    <table class="table">
      <tbody>
        <tr>
          <td><kbd>1</kbd> … <kbd>6</kbd></td>
          <td>{{ __('the stages (in the painter: tenths)') }}</td>
        </tr>
        <tr>
          <td><kbd>j</kbd> <kbd>k</kbd></td>
          <td>{{ __('next and previous hive') }}</td>
        </tr>
        <tr>
          <td><kbd>/</kbd></td>
          <td>{{ __('find a hive by code') }}</td>
        </tr>
        <tr>
          <td><kbd>u</kbd></td>
          <td>{{ __('undo the last change') }}</td>
        </tr>
        <tr>
          <td><kbd>0</kbd> … <kbd>9</kbd> <kbd>f</kbd></td>
          <td>{{ __('painter: tenths of the face capped (f: all), then the next face') }}</td>
        </tr>
        <tr>
          <td><kbd>c</kbd> <kbd>o</kbd> <kbd>b</kbd> <kbd>p</kbd></td>
          <td>{{ __('painter: what is painted: capped, open, brood, pollen') }}</td>
        </tr>
        <tr>
          <td><kbd>↑</kbd> <kbd>↓</kbd></td>
          <td>{{ __('painter: move the edge by a twentieth') }}</td>
        </tr>
        <tr>
          <td><kbd>s</kbd></td>
          <td>{{ __('painter: the other face the same') }}</td>
        </tr>
        <tr>
          <td><kbd>Enter</kbd></td>
          <td>{{ __('painter: next frame') }}</td>
        </tr>
        <tr>
          <td><kbd>n</kbd></td>
          <td>{{ __('painter: the frame that tells you most') }}</td>
        </tr>
        <tr>
          <td><kbd>l</kbd> <kbd>h</kbd></td>
          <td>{{ __('painter: the lower, the higher super') }}</td>
        </tr>
        <tr>
          <td><kbd>r</kbd> <kbd>a</kbd> <kbd>w</kbd></td>
          <td>{{ __('painter: this frame as before, all as before, the whole super like this frame') }}</td>
        </tr>
        <tr>
          <td><kbd>Esc</kbd></td>
          <td>{{ __('painter: leave the painter') }}</td>
        </tr>
      </tbody>
    </table>
    <form method="dialog" class="btns"><button class="btn">{{ __('Close') }}</button></form>
  </dialog>
</body>

</html>
