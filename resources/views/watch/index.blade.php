<x-page :title="__('Watch')" stage="watch">
  <h1>{{ __('Is the flow over?') }}</h1>
  @if ($yards === [])
    <p class="empty">
      {{ __('You have no yard yet.') }}
      <a class="link" href="{{ route('yards.index') }}">{{ __('Set up the first yard') }}</a>
    </p>
  @endif
  @foreach ($yards as $one)
    <section class="blk">
      <div class="hd">
        <h2>
          <a href="{{ route('watch.yard', $one->apiary->slug) }}">{{ $one->apiary->name }}</a>:
          {{ $one->flow->sentence() }}
        </h2>
        <span class="sub">
          {{ __('over with :p', ['p' => $f->percent($one->flow->pOver())]) }}
          @if ($one->flow->presumedFrom)
            · <i>{{ __('scale of :yard', ['yard' => $one->flow->presumedFrom]) }}</i>
          @endif
        </span>
      </div>
      @if ($one->picture !== null)
        <x-drawing.wide :of="$one->picture" :name="$one->apiary->name" />
      @else
        <p class="sub">{{ __('No scale within :way. Only signs count.', ['way' => $f->lengths->way(15.0)]) }}</p>
      @endif
    </section>
  @endforeach
  <x-slot:why>
    <p class="lab">{{ __('Why') }}</p>
    <h2 class="say">{{ __('Scale and signs together give the answer') }}</h2>
    <x-disclosure :summary="__('How this was calculated')">
      <p>
        {{ __('The mean of the last five full days sets the start: strong, slow, none or losing.') }}
        {{ __('Each sign of the last ten days makes "over" more or less likely (Bayes\' rule; common practice).') }}
      </p>
    </x-disclosure>
    <section>
      <h3>{{ __('What would change the answer') }}</h3>
      <p>
        {{ __('Put a frame of open honey in part shade for 20 to 30 minutes. Robbed: the flow is over. Ignored: the flow is on.') }}
      </p>
    </section>
  </x-slot:why>
</x-page>
