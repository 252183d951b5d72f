<x-page :title="__('Winter share').': '.$apiary->name" stage="winter" :yard="$apiary->slug">
  <x-slot:head><script src="/build/winter.js?{{ $assetVersion }}" type="module" nonce="{{ $nonce }}"></script></x-slot:head>
  @php($sums = $board->sums)
  <h1>{{ __(':yard may give ~:kg', ['yard' => $apiary->name, 'kg' => $f->kg($sums['take'], 0)]) }}</h1>
  <p class="sub">{{ __('Above the mauve line may go, below it stays.') }} @if ($sums['unlooked'] > 0){{ trans_choice(':count super not looked at yet.|:count supers not looked at yet.', $sums['unlooked']) }}@endif</p>
  @foreach ($board->warnings as $warning)<p class="caution"><b><a class="link" href="{{ route('winter.hive', [$apiary->slug, $warning['code']]) }}">{{ $warning['code'] }}</a></b> {{ __('is likely to run out of stores by :day.', ['day' => $f->date(new DateTimeImmutable($warning['on']))]) }}</p>@endforeach
  @if ($bare ?? null)<p class="empty">{{ __('Hive :hive has no box here.', ['hive' => $bare]) }} <a class="link" href="{{ route('yards.yard', $apiary->slug) }}">{{ __('Put one on its stand') }}</a></p>@endif
  @if ($sums['hives'] === 0)<p class="empty">{{ __('No hive with boxes stands here.') }} <a class="link" href="{{ route('yards.yard', $apiary->slug) }}">{{ __('Put one on a stand') }}</a></p>@else
  {!! $board->drawing($first?->state->hive->code) !!}
  <ul class="key"><li><span class="sw"><svg viewBox="0 0 14 12" aria-hidden="true"><rect class="cap" width="14" height="12"/></svg></span>{{ __('stores that stay') }}</li><li><span class="sw"><svg viewBox="0 0 14 12" aria-hidden="true"><path class="mline" d="M0 6h14"/></svg></span>{{ __('need to :day, :p of winters', ['day' => $f->day($season->whole->firstFlow), 'p' => $f->percent($policy->number('winter_confidence'))]) }}</li>
    <li><span class="sw"><svg viewBox="0 0 14 12" aria-hidden="true"><path class="gap" d="M1 1h12v10h-12z"/></svg></span>{{ __('short') }}</li></ul>
  {!! $board->chart($first?->state->hive->code) !!}
  <p class="sums">@if ($sums['sugar'] > 0.5)<b>{{ __('To feed: ~:kg of sugar', ['kg' => $f->kg($sums['sugar'], 0)]) }}</b> = {{ $f->litres($sums['syrup']) }} {{ __('of syrup 2:1') }}@if ($sums['feedUntil'] && $season->today < $sums['feedUntil']), {{ __('before :day, when the days fall below :c on average', ['day' => $f->day($sums['feedUntil']), 'c' => $f->celsius(App\Winter\WinterBoard::FEED_ABOVE_C)]) }} ({{ trans_choice('{0} no day left|{1} :count day left|[2,*] :count days left', (int) $season->today->diff($sums['feedUntil'])->days) }})@elseif ($sums['feedUntil']), {{ __('but it is too cold for syrup: fondant or combs') }}@endif. @else{{ __('No hive has to be fed.') }} @endif
    @if ($sums['spare'] > 0.5){{ $season->hasBegun() ? __('Over the need in the yard: ~:kg; what is still over when the first flow comes may be taken.', ['kg' => $f->kg($sums['spare'], 0)]) : __('Over the need in what stays: ~:kg.', ['kg' => $f->kg($sums['spare'], 0)]) }}@endif</p>
  {!! $board->table !!}
  @if ($first)@include('winter.whatif')@include('winter.log')@endif
  @endif
  <x-slot:why>
    @if ($first)@include('winter.why')@endif
    <p class="caution">{{ __('No feeding while supers for honey are on; feed in the evening, spill nothing: robbing. The queen excluder comes out before winter. For treatments the label decides.') }}</p>
  </x-slot:why>
</x-page>
