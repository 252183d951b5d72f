@php($apiary = $clearing->apiary)
<x-page :title="__('Clearing') . ': ' . $apiary->name" stage="clear" :yard="$apiary->slug">
  <div class="hd">
    <h1><x-mark :glyph="$say->glyph($clearing->method)" size="26" />{{ $apiary->name }}: {{ $say->method($clearing->method) }}</h1>
    <span class="sub">{{ $say->term($clearing->state) }}</span>
  </div>
  <p class="sub">
    @if ($sheet->hasBoards())
      {{ __('Boards on :a, supers in on :b.', ['a' => $f->weekday($clearing->first_on), 'b' => $f->weekday($clearing->inOn())]) }}
    @else
      {{ __('Supers in on :a.', ['a' => $f->weekday($clearing->first_on)]) }}
    @endif
    {{ trans_choice(':count super|:count supers', $clearing->items->count()) }},
    {{ $f->minutes($clearing->person_minutes) }}, {{ trans_choice(':count person|:count people', $crew) }}
  </p>
  <p class="noprint">
    <a class="link" href="{{ route('clear.day', $clearing->first_on->format('Y-m-d')) }}">
      {{ __('The whole day\'s sheet, :day', ['day' => $f->weekday($clearing->first_on)]) }}</a>
    @if ($clearing->second_on)
      · <a class="link"
        href="{{ route('clear.day', $clearing->second_on->format('Y-m-d')) }}">{{ $f->weekday($clearing->second_on) }}</a>
    @endif
  </p>
  <div class="cols2">
    <section class="blk">
      <h2>{{ __('Hive by hive') }}</h2>
      @foreach ($sheet->hives() as $code => $items)
        <div class="stop">
          <b>{{ $code }}</b>
          @foreach ($items as $item)
            <div>
              <x-super-line :mark="$item->box->mark" :box="$sheet->box($item)" :lift="$sheet->lift($item)" />
              @if ($item->left_why !== null)
                <p class="border-l-3 border-l-mauve pl-2 max-w-[60ch]">
                  {{ __('left: :why', ['why' => $item->left_why]) }}</p>
              @endif
              @can('record')
                @if (!$clearing->isCollected())
                  <div class="btns noprint">
                    @foreach ($sheet->ticks() as $what => $words)
                      <x-tick
                        :action="route('clear.tick', $item->id)"
                        :done="$item->{$what . '_at'} !== null"
                        :with="['what' => $what]"
                        :id="'tick-' . $what . '-' . $item->id"
                        :words="$words"
                        :of="' ' . $item->box->mark"
                      />
                    @endforeach
                  </div>
                @endif
              @endcan
            </div>
          @endforeach
        </div>
      @endforeach
      @can('record')
        @if (!$clearing->isCollected())
          <div class="btns blk noprint">
            @if ($sheet->boardsAreToGoOn())
              <x-form :action="route('clear.placed', $clearing->id)" method="put">
                <button class="btn go">{{ __('All boards are on') }}</button>
              </x-form>
            @endif
            @if ($sheet->takesFrames())
              <a class="btn go"
                href="{{ route('frames.yard', [$apiary->slug, 'hives' => array_keys($sheet->hives())]) }}"
              >
                {{ __('Take the frames') }}</a>
            @else
              <x-form :action="route('clear.collected', $clearing->id)" method="put">
                <button @class(['btn', 'go' => !$sheet->boardsAreToGoOn()])>{{ __('All supers are in the honey room') }}</button>
              </x-form>
            @endif
            @can('manage')
              <x-form :action="route('clear.plans.destroy', $clearing->id)" method="delete">
                <button class="btn bad">{{ __('Drop the clearing') }}</button>
              </x-form>
            @endcan
          </div>
          @if (!$sheet->takesFrames())
            <p class="sub noprint">{{ __('On another day, or only some supers:') }}</p>
            @include('clear.finish', ['places' => $sheet->boardsAreToGoOn(), 'on' => $finishOn])
          @endif
        @endif
      @endcan
    </section>
    <section class="blk">
      <h2>{{ __('To load') }}</h2>
      <ul class="load loadday">
        @foreach ($load as $item)
          <li><span class="n">{{ $item->count }}</span><span>{{ $item->words }}</span></li>
        @endforeach
      </ul>
      <p class="noprint">{{ __('Tick off the work on the day\'s sheet, with the other stops.') }}</p>
      @if ($sheet->isBeyondOneBack())
        <p class="caution">
          {{ __('Some boxes are too heavy for one person: lift with two, or use the tilting stand.') }}
        </p>
      @endif
    </section>
  </div>
  <x-slot:why>
    <div>
      <p class="lab">{{ __('Why') }}</p>
      <h2 class="say">{{ $clearing->frozen->reason }}</h2>
    </div>
    @foreach ($clearing->frozen->cautions as $caution)
      <p class="caution">{{ $caution }}</p>
    @endforeach
    <section>
      <h3>{{ __('After') }}</h3>
      <p>
        {{ __('Give the bees below space, or reduce them to their winter boxes. Wet supers go back to the hives they came from.') }}
        {{ __('Take the excluder out before winter.') }}
      </p>
    </section>
  </x-slot:why>
</x-page>
