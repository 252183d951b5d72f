<section class="blk">
  <div class="hd">
    <h2>
      {{ $loop->iteration }}. {{ $stop->apiary()->name }}: {{ $stop->aim() }}@if ($stop->isDone())
        ✓
      @endif
    </h2>
    <span class="sub">
      {{ __(':m drive', ['m' => $f->minutes($stop->driveMin)]) }}
      @foreach ($stop->visits as $visit)
        · <a href="{{ route('clear.plan', $visit->clearing->id) }}">{{ $say->method($visit->clearing->method) }}</a>
      @endforeach
    </span>
  </div>
  @foreach ($stop->sentences($say) as $sentence)
    <p>{{ $sentence }}</p>
  @endforeach
  @foreach ($trouble->heard($stop->troubles) as $sentence)
    <p class="caution">{{ $sentence }}</p>
  @endforeach
  @if ($stop->belowMin() > 0)
    <p class="caution">
      {{ __('First move boxes that stay below the board (:n min). Bees leave only the boxes above it.', ['n' => $stop->belowMin()]) }}
    </p>
  @endif
  @include('day.drawn')
  @foreach ($stop->hives as $hive)
    <div class="stop">
      <b>{{ $hive->code }}</b>
      <x-notes :of="$hive->hive" />
      @foreach ($hive->toLookAt as $box)
        <p class="caution">
          {{ __('Inspect first: :box was not ripe at the last inspection.', ['box' => $box->name()]) }}
          <a class="link noprint" href="{{ route('assess.hive', [$stop->apiary()->slug, $hive->code]) }}">
            {{ __('Inspect') }}<span class="sr"> {{ $hive->code }}</span></a>
        </p>
      @endforeach
      @if ($hive->hasNoBoard)
        <p class="caution">
          {{ __('No board went on here. Brush the bees off, or leave these supers for another day.') }}</p>
      @endif
      <ol class="handsteps">
        @foreach ($hive->steps as $step)
          <li class="flex justify-between gap-3 items-center min-h-9 flex-wrap">
            <span><b class="turn">{{ $step->number }}</b> <span class="paper" aria-hidden="true">☐</span>
              {{ $words->of($hive, $step) }}</span>
            @if ($canTick && $step->super !== null && !$hive->isGone($step))
              <x-tick
                class="inline noprint"
                :action="route('clear.tick', $step->super->id)"
                :done="$step->done"
                :with="['back' => $sheet->date(), 'what' => $step->what()]"
                :id="'tick-' . $step->super->id"
                :words="$step->isBoard() ? __('board on') : __('on the truck')"
                :of="' ' . ($step->isBoard() ? $hive->code : $step->super->box->mark)"
              />
            @elseif ($step->done)
              <span>✓</span>
            @endif
          </li>
        @endforeach
      </ol>
      @if ($stop->bringsIn())
        <div class="soft">{{ __('leave an empty super or a rim for the bees below') }}</div>
      @endif
    </div>
  @endforeach
  @if ($canTick)
    @include('day.wrong')
    @foreach ($stop->visits as $visit)
      @if ($visit->takesFrames() && !$visit->clearing->isCollected())
        <p class="noprint">
          <a class="btn go"
            href="{{ route('frames.yard', [$stop->apiary()->slug, 'hives' => array_keys($visit->byHive)]) }}"
          >
            {{ __('Take the frames') }}</a>
        </p>
      @elseif (!$visit->clearing->isCollected())
        @if (!$visit->places && $visit->clearing->second_on !== null)
          <p class="noprint">
            <a class="link"
              href="{{ route('frames.yard', [$stop->apiary()->slug, 'hives' => array_keys($visit->byHive)]) }}"
            >
              {{ __('or take only the finished frames') }}</a>
          </p>
        @endif
        <div class="noprint">
          @include('clear.finish', [
              'clearing' => $visit->clearing,
              'places' => $visit->places,
              'on' => min($sheet->date(), $today),
          ])
        </div>
      @endif
    @endforeach
  @endif
</section>
