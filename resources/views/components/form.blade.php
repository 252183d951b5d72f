@props(['action', 'method' => 'post', 'quick' => false])
<form
  method="post"
  action="{{ $action }}"
  {{ $attributes }}
  @if ($quick) hx-boost="true"
    hx-push-url="false"
    hx-target="#work"
    hx-select="#work"
    hx-select-oob="#why"
    hx-swap="outerHTML show:none" @endif
>@csrf<x-key />
  @if ($method !== 'post')
    @method($method)
  @endif{{ $slot }}
</form>
