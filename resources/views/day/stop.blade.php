@php($clearing = $stop->clearing)
@php($number = $sheet->numberOf($stop))
<section class="blk">
  <div class="hd">
    <h2>
      {{ $number === null ? __('also') : $number . '.' }} {{ $clearing->apiary->name }}:
      {{ $stop->places ? __('boards on') : __('supers in') }}@if ($stop->isDone())
        ✓
      @endif
    </h2>
    <span class="sub">
      @if (!$stop->sameStop)
        {{ __(':m drive', ['m' => $f->minutes($stop->driveMin)]) }} ·
      @endif
      <a href="{{ route('clear.plan', $clearing->id) }}">{{ $say->method($clearing->method) }}</a>
    </span>
  </div>
  <p>{{ $stop->places ? $say->placing() : $say->taking($clearing->method) }}</p>
  @if ($stop->belowMin > 0)
    <p class="caution">
      {{ __('First move below what stays (:n min): only what stands above a board is cleared.', ['n' => $stop->belowMin]) }}
    </p>
  @endif
  @foreach ($stop->byHive as $code => $items)
    <div class="stop">
      <b>{{ $code }}</b>
      <x-notes :of="$stop->hive($code)" />
      @foreach ($stop->toLookAt($code) as $box)
        <p class="caution">
          {{ __('Look first: :box was not ripe when it was last seen.', ['box' => $box->name()]) }}
          <a class="link noprint" href="{{ route('assess.hive', [$clearing->apiary->slug, $code]) }}">
            {{ __('Look') }}<span class="sr"> {{ $code }}</span></a>
        </p>
      @endforeach
      @foreach ($stop->below[$code] ?? [] as $box)
        <div>↓ {{ __('below first: :box, ~:kg', ['box' => $box->name(), 'kg' => $f->kg($box->honey->grossKg, 0)]) }}
        </div>
      @endforeach
      @foreach ($items as $item)
        <div class="dayrow">
          <span><span class="paper" aria-hidden="true">☐</span> @include('day.super')</span>
          @can('record')
            @if (!$clearing->isCollected() && (!$stop->places || $loop->first))
              <x-tick
                class="inline noprint"
                :action="route('clear.tick', $item->id)"
                :done="$stop->isTicked($item)"
                :with="['back' => $sheet->date(), 'what' => $stop->places ? 'placed' : 'collected']"
                :id="'tick-' . $item->id"
                :words="$stop->places ? __('board on') : __('on the truck')"
                :of="' ' . ($stop->places ? $code : $item->box->mark)"
              />
            @endif
          @endcan
        </div>
      @endforeach
      @if (!$stop->places)
        <div class="soft">{{ __('leave an empty super or a rim for the bees below') }}</div>
      @endif
    </div>
  @endforeach
  @can('record')
    @if (!$clearing->isCollected() && !($stop->places && $stop->isDone()))
      <div class="noprint">
        @include('clear.finish', [
            'clearing' => $clearing,
            'places' => $stop->places,
            'on' => min($sheet->date(), $today),
        ])
      </div>
    @endif
  @endcan
</section>
