@if ($box->isSuper())
  <x-verdict :of="$box->verdict()" size="20" />
  <b>{{ $say->verdict($box->verdict()) }}</b>
  <span class="soft">~{{ $f->percent($box->ripeness->box->cappedShare) }} {{ __('capped') }}</span>
  @if ($next)
    <a class="btn small" href="{{ $next->url }}" data-advised>{{ $next->words }}</a>
  @endif
@endif
