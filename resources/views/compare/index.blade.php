@php($season = $page->season)
<x-page :title="__('Compare')" stage="compare" :yard="$page->yard">
  <div class="hd">
    <h1>{{ $page->heading() }}</h1>
    <nav class="btns" aria-label="{{ __('Season') }}">
      @foreach ($page->seasons as $year)
        <a class="btn small" href="{{ $page->seasonLink($year) }}"
          @if ($year === $season) aria-current="true" @endif
        >{{ $year }}</a>
      @endforeach
    </nav>
  </div>
  @include('compare.tabs')
  @if ($page->rows->isEmpty())
    <p class="empty">
      {{ __('After the first lot is weighed, each hive is compared with its neighbours here.') }}
      <a class="link" href="{{ route('honey-room.index') }}">{{ __('To the honey room') }}</a>
    </p>
  @else
    <p class="sub">
      {{ __('Each hive\'s seasons, oldest left. One box per super; :year is dark.', ['year' => $season]) }}
      {{ __('Dashed: mean of the producing hives in :year. Dotted: the season before. Strokes: range in 8 of 10 cases.', ['year' => $season]) }}
    </p>
    @foreach ($page->rows->groupBy('yard') as $name => $rows)
      <section class="blk">
        <div class="hd">
          <h2>{{ $name }}</h2>
          @if ($page->yardWords($name) !== '')
            <span class="sub">{{ $page->yardWords($name) }}</span>
          @endif
        </div>
        <x-drawing.wide :of="$page->chart($name, $rows)" :name="$name" />
      </section>
    @endforeach
    @include('compare.table')
  @endif
  <x-slot:why>
    @if ($page->open)
      @include('compare.hive', ['hive' => $page->open])
    @else
      <div>
        <p class="lab">{{ __('Why') }}</p>
        <h2 class="say">{{ __('Each hive compared with its neighbours.') }}</h2>
      </div>
      @if ($page->lines !== [])
        <section>
          <h3>{{ __('Queen lines') }}</h3>
          <dl>
            @foreach ($page->lines as $one)
              <dt>{{ $one->line }} <span
                  class="soft">({{ trans_choice(':count queen|:count queens', $one->queens) }})</span></dt>
              <dd>{{ $f->kg($one->kg) }} <span class="rng">{{ __('a season') }}</span></dd>
            @endforeach
          </dl>
          <p class="sub">{{ __('plain means; without yard and year under') }} <a class="link"
              href="{{ route('compare.queens') }}"
            >{{ __('Queens') }}</a></p>
        </section>
      @endif
    @endif
    <section>
      <h3>{{ __('How') }}</h3>
      <p>
        {{ __('Kilograms are the weight of the buckets, shared out to the hives. Until a lot is weighed, the estimate is shown hatched.') }}
        {{ __('The index is the mean difference to the yard\'s mean in the same seasons.') }}
      </p>
    </section>
    <div class="btns"><a class="btn" href="{{ route('compare.csv') }}">{{ __('Download as CSV') }}</a>
    </div>
  </x-slot:why>
</x-page>
