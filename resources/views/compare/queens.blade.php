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
      <a class="link" href="{{ route('compare.out') }}">{{ __('Read in earlier years') }}</a>
    </p>
  @else
    <p class="sub">
      {{ __('Thick: half of the time; thin: in nine of ten. Right: what it speaks for, or what you marked.') }}
      {{ __('Yard and year are taken out; her own seasons, her daughters\', her sisters\' and her mother\'s count.') }}
    </p>
    <x-scroll class="pan" :label="__('Queens by what they give')">
      <x-drawing.picture :of="$rank" />
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
        <x-drawing.picture :of="$tree" />
      </x-scroll>
    </section>
  @endif
  <x-slot:why>
    <p class="lab">{{ __('Why') }}</p>
    <h2 class="say">{{ __('Next to her neighbours, freed of yard and year.') }}</h2>
    @if ($page->merits)
      <dl>
        <dt>{{ __('Of what differs, the queen is') }}</dt>
        <dd>~{{ $f->percent($page->merits->repeatability()) }}</dd>
        @foreach (['swarmed' => __('A swarm cost'), 'split' => __('A split, or being one, cost')] as $what => $words)
          @if ($page->cost($what) !== null)
            <dt>{{ $words }}</dt>
            <dd>{{ $f->kg($page->cost($what)) }}</dd>
          @endif
        @endforeach
      </dl>
      @if ($page->merits->dropped !== [])
        <p class="sub">{{ __('What swarms or splits cost cannot be told yet where none, or all, of a yard did.') }}
        </p>
      @endif
      <p class="sub">
        @if ($page->merits->scale->value === 'log')
          {{ __('Good hives, yards and years differ by more kg than poor ones: compared by the logarithm, set back to kg at the mean.') }}
          <a class="link" href="{{ route('compare.queens', ['scale' => 'kg']) }}">{{ __('In kg as they are') }}</a>
        @else
          {{ __('Compared in kg as they are.') }}
          <a class="link" href="{{ route('compare.queens', ['scale' => 'log']) }}">{{ __('By the logarithm') }}</a>
        @endif
      </p>
    @endif
    <section>
      <h3>{{ __('How') }}</h3>
      <p>
        {{ __('A mixed model: yards in seasons, swarms and splits as they are, queens as kin through their mothers (drones unknown).') }}
        {{ __('It draws towards the mean what little is known of.') }}
        {{ __('"Requeen": nine to one that she gives less than her yard\'s mean.') }}
        {{ __('"Breed": likelier than not among the best tenth, from two seasons on.') }}
      </p>
      <p>{{ __('A swarm may run in the family: look at lines with and without it.') }}</p>
    </section>
  </x-slot:why>
</x-page>
