<x-page :title="__('The day') . ' ' . $sheet->date()" stage="clear">
  <div class="hd">
    <h1>{{ $f->weekday($sheet->day) }}</h1>
    <span class="sub noprint">
      <a href="{{ route('clear.day', $sheet->dateAfter(-1)) }}">{{ __('day before') }}</a> ·
      <a href="{{ route('clear.day', $sheet->dateAfter(1)) }}">{{ __('day after') }}</a>
    </span>
  </div>
  @if ($sheet->stops === [])
    <p class="empty">
      {{ __('No visit is planned for this day.') }}
      <a class="link" href="{{ route('clear.rounds.index') }}">{{ __('Plan a schedule') }}</a>
    </p>
  @else
    <p class="sub">
      {{ trans_choice('{1} :count stop|[2,*] :count stops', count($sheet->stops)) }},
      {{ __(':m of driving before the way home', ['m' => $f->minutes($sheet->drivingMin())]) }}
      <button type="button" class="btn small noprint" data-print>{{ __('Print') }}</button>
      <a class="btn small noprint" href="{{ route('clear.day.pdf', $sheet->date()) }}">{{ __('PDF, A4') }}</a>
      <a class="btn small noprint"
        href="{{ route('clear.day.pdf', [$sheet->date(), 'paper' => 'letter']) }}">{{ __('PDF, Letter') }}</a>
    </p>
    <x-mend />
    <p class="lifted">
      @include('day.lifted')</p>
    <section class="blk">
      <h2>{{ __('To load') }}</h2>
      <ul class="load loadday">
        @foreach ($sheet->load as $item)
          <li>
            <span class="n"><span class="paper" aria-hidden="true">☐</span> {{ $item->count }}</span>
            <span>{{ $item->words }}</span>
            @can('record')
              <x-tick
                class="inline noprint"
                :action="route('clear.day.load', $sheet->date())"
                :done="in_array($item->thing, $ticked, true)"
                :with="['thing' => $item->thing]"
                :id="'load-' . $item->thing"
                :words="__('loaded')"
                :of="': ' . $item->words"
              />
            @endcan
          </li>
        @endforeach
      </ul>
    </section>
    @foreach ($sheet->stops as $stop)
      @include('day.stop')
    @endforeach
    @can('manage')
      <div class="noprint">
        <x-disclosure :summary="__('Enter the weather of this day')">
          <x-enter-weather :date="$sheet->date()" />
        </x-disclosure>
      </div>
    @endcan
    @if ($canTick && $sheet->open() !== [])
      @include('day.finish')
    @endif
  @endif
  <x-slot:why>
    <p class="lab">{{ __('On the day') }}</p>
    <h2 class="say">{{ __('Work in the cool hours') }}</h2>
    <p class="caution">
      {{ __('Heavy boxes: two people or a tilting stand. Smoker and dry grass: have water ready. Carry what your doctor prescribed; do not work alone.') }}
    </p>
    <p class="caution">
      {{ __('Cover each super at once: robbing is hard to stop. Use repellents as their label says. Protect ears and eyes near a blower.') }}
    </p>
  </x-slot:why>
</x-page>
