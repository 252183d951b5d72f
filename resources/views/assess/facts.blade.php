<section>
  <h3>{{ __('Facts used') }}</h3>
  <ul class="facts">
    @if ($box->look->at !== null)
      <li>
        <span>{{ $f->day($box->look->at) }}</span>
        <span>
          {{ __(':n of :all frames inspected', ['n' => $box->seen(), 'all' => $box->fitted->framesFitted]) }}
          @if ($box->look->shake)
            · {{ $box->look->shake === 'passed' ? __('shake passed') : __('shake failed') }}
          @endif
        </span>
      </li>
    @else
      <li><span>–</span><i>{{ __('not inspected, all estimated') }}</i></li>
    @endif
    @foreach ($box->look->readings as $reading)
      <li>
        <span>{{ $f->day($reading->readAt) }}</span>
        <span>{{ __('refractometer :value', ['value' => $reading->shown()]) }}</span>
      </li>
    @endforeach
    @if ($box->look->lastCappedShare !== null)
      <li>
        <span>{{ __('before') }}</span>
        <span>{{ __(':p of the honey capped, :n days earlier', [
            'p' => $f->percent($box->look->lastCappedShare),
            'n' => round($box->look->daysSinceLast),
        ]) }}</span>
      </li>
    @endif
  </ul>
</section>
