<x-page :title="__('Queens')" stage="compare">
  <div class="hd">
    <h1>{{ $page->heading() }}</h1>
  </div>
  @include('compare.tabs')
  @if ($page->queens->isEmpty())
    <p class="empty">{{ __('No queen is entered yet.') }} <a class="link"
        href="{{ route('yards.index') }}">{{ __('To the yards') }}</a></p>
  @elseif ($rank === null)
    <p class="empty">
      {{ $page->whyNotRanked() }}
      <a class="link" href="{{ route('compare.out') }}">{{ __('Add earlier years') }}</a>
    </p>
  @else
    <p class="sub">
      {{ __('Thick: range in half of cases. Thin: in 9 of 10. Right: the advice, or your plan.') }}
      {{ __('Yard and year are removed. A queen\'s own seasons and those of her relatives count.') }}
    </p>
    <x-scroll class="pan" :label="__('Queens by their yield')">
      <x-drawing.picture :of="$rank" wide />
    </x-scroll>
    <x-astable>
      @include('compare.queentable')
    </x-astable>
  @endif
  @if ($tree !== null)
    <section class="blk">
      <div class="hd">
        <h2>{{ __('Mothers and daughters') }}</h2>
        <nav class="btns" aria-label="{{ __('Line') }}">
          @foreach ($page->lines()->keys() as $one)
            <a class="btn small" href="{{ route('compare.queens', ['line' => $one]) }}"
              @if ($one === $line) aria-current="true" @endif
            >{{ $one }}</a>
          @endforeach
        </nav>
      </div>
      <x-scroll class="pan" :label="__('Mothers and daughters')">
        <x-drawing.picture :of="$tree" wide />
      </x-scroll>
    </section>
  @endif
  <x-slot:why>
    <p class="lab">{{ __('Why') }}</p>
    <h2 class="say">{{ __('Compared within yard and year') }}</h2>
    @if ($page->merits)
      <dl>
        <dt>{{ __('Due to the queen') }} <x-term of="due to the queen" /></dt>
        <dd>~{{ $f->percent($page->merits->repeatability()) }}</dd>
        @foreach (['swarmed' => __('A swarm cost'), 'split' => __('A split, or a first season, cost')] as $what => $words)
          @if ($page->cost($what) !== null)
            <dt>{{ $words }}</dt>
            <dd>{{ $f->kg($page->cost($what)) }}</dd>
          @endif
        @endforeach
      </dl>
      @if ($page->merits->dropped !== [])
        <p class="sub">
          {{ __('The cost of swarms and splits is not known yet: a yard needs hives with and without.') }}
        </p>
      @endif
      <p class="sub">
        @if ($page->merits->scale->value === 'log')
          {{ __('Good hives differ by more honey than poor ones, so the logarithm is compared and shown as honey.') }}
          <a class="link"
            href="{{ route('compare.queens', ['scale' => 'kg']) }}">{{ __('Compare the honey itself') }}</a>
        @else
          {{ __('Kilograms are compared directly.') }}
          <a class="link"
            href="{{ route('compare.queens', ['scale' => 'log']) }}">{{ __('Compare the logarithm') }}</a>
        @endif
      </p>
    @endif
    <x-disclosure :summary="__('How this was calculated')">
      <p>
        <x-term of="mixed model" />
        {{ __('A mixed model: yard and season, swarms and splits as fixed effects; queens related through their mothers.') }}
        {{ __('Queens with few seasons are drawn towards the mean.') }}
        {{ __('"Requeen": 9 to 1 that the queen gives less than her yard\'s mean.') }}
        {{ __('"Breed": from two seasons on, more likely than not among the best tenth.') }}
      </p>
      <p>{{ __('Swarming can run in a line: compare lines with and without swarms.') }}</p>
    </x-disclosure>
  </x-slot:why>
</x-page>
