<nav class="tabs" aria-label="{{ __('Honey room') }}">
  <a href="{{ route('honey-room.index') }}" @if (request()->routeIs('honey-room.index')) aria-current="page" @endif>
    {{ __('Lots') }}</a>
  <a href="{{ route('honey-room.blend') }}" @if (request()->routeIs('honey-room.blend')) aria-current="page" @endif>
    {{ __('Blend') }}</a>
  <a href="{{ route('honey-room.jars') }}" @if (request()->routeIs('honey-room.jars')) aria-current="page" @endif>
    {{ __('Settle and jar') }}</a>
</nav>
