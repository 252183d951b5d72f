<x-page :title="__('Winter share')" stage="winter">
  <h1>{{ __('What must stay for winter') }}</h1>
  @if ($boards === [])<p class="empty">{{ __('There is no yard yet.') }} <a class="link" href="{{ route('yards.index') }}">{{ __('Draw the first one') }}</a></p>@endif
  @foreach ($boards as [$apiary, $board])
    <section class="blk"><div class="hd"><h2><a href="{{ route('winter.yard', $apiary->slug) }}">{{ $apiary->name }}</a></h2>
      <span class="sub">{{ __('may give ~:kg', ['kg' => $f->kg($board->sums['take'], 0)]) }} · {{ $board->sums['sugar'] > 0.5 ? __('to feed ~:kg of sugar', ['kg' => $f->kg($board->sums['sugar'], 0)]) : __('nothing to feed') }}</span></div>
      @foreach ($board->warnings as $warning)<p class="caution"><b>{{ $warning['code'] }}</b> {{ __('is likely to run out of stores by :day.', ['day' => $f->date(new DateTimeImmutable($warning['on']))]) }}</p>@endforeach
      {!! $board->chart(null) !!}</section>
  @endforeach
  <x-slot:why><p class="lab">{{ __('Why') }}</p><h2 class="say">{{ __('Each hive keeps what it needs to see spring with honey to spare.') }}</h2>
    <section><h3>{{ __('Policy') }}</h3><p>{{ __('Computed reserve: climate, strength and the date of the first flow, simulated over some thousands of winters.') }}</p></section>
    <p class="caution">{{ __('No feeding while supers for honey are on. The queen excluder comes out before winter.') }}</p></x-slot:why>
</x-page>
