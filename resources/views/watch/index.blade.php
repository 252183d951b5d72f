<x-page :title="__('Watch')" stage="watch">
  <h1>{{ __('Is the flow over?') }}</h1>
  @if ($apiaries->isEmpty())<p class="empty">{{ __('There is no yard yet.') }} <a class="link" href="{{ route('yards.index') }}">{{ __('Draw the first one') }}</a></p>@endif
  @foreach ($apiaries as $apiary)
    @php($flow = $flows[$apiary->id])
    <section class="blk"><div class="hd"><h2><a href="{{ route('watch.yard', $apiary->slug) }}">{{ $apiary->name }}</a>: {{ $flow->sentence() }}</h2><span class="sub">{{ __('over with :p', ['p' => $f->percent($flow->result->pOver)]) }}@if ($flow->presumedFrom) · <i>{{ __('scale of :yard', ['yard' => $flow->presumedFrom]) }}</i>@endif</span></div>
      {!! $chart->svg($flow->result->gainKgByDate, $flow->presumedFrom !== null, $f, 712, 110) !!}
      @if ($flow->result->gainKgByDate === [])<p class="sub">{{ __('No scale within 15 km. Signs alone speak.') }}</p>@endif
    </section>
  @endforeach
  <x-slot:why><p class="lab">{{ __('Why') }}</p><h2 class="say">{{ __('The scale gives the odds, what you see multiplies them.') }}</h2>
    <section><h3>{{ __('How') }}</h3><p>{{ __('The mean of the last five full days sets where one starts: strong, slow, none, losing. Each sign of the last ten days makes "over" more or less likely (Bayes\' rule; common practice).') }}</p></section>
    <section><h3>{{ __('What would change it') }}</h3><p>{{ __('A frame of open honey set aside in part shade for 20 to 30 minutes: robbed, and the flow is over; ignored, and it is on.') }}</p></section></x-slot:why>
</x-page>
