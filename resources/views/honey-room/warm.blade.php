<x-page :title="__('Warm room')" stage="honey-room" :wall="true">
  <x-slot:head>
    <script src="/build/bench.js?{{ $assetVersion }}" type="module" nonce="{{ $nonce }}"></script>
  </x-slot:head>
  <h1>{{ __('Warm, dry room') }}</h1>
  @include('honey-room.tabs')
  <section class="blk">
    <h2>{{ __('Its air') }}</h2>
    @if ($air)
      <p><span class="big">{{ $f->celsius($air->celsius) }}, {{ round($air->humidity_pct) }} %</span>
        <span class="sub">{{ $f->moment($air->read_at, $zone) }}</span>
      </p>
    @else
      <p class="empty">
        {{ __('No reading yet. Assumed: :c and 40 %, as in a heated room with a dehumidifier.', ['c' => $f->celsius(30)]) }}
      </p>
    @endif
    @can('record')
      <div class="btns">
        @if ($sensor)
          <x-form :action="route('honey-room.warm.sensor')">
            <button class="btn go">{{ __('Ask the sensor') }}</button>
          </x-form>
        @endif
      </div>
      <x-form :action="route('honey-room.warm.air')" class="row">
        <x-field
          name="celsius"
          type="number"
          inputmode="decimal"
          step="0.1"
          :label="__('Temperature, :unit', ['unit' => $f->temperatureUnit()])"
          required
        />
        <x-field
          name="humidity"
          type="number"
          inputmode="decimal"
          step="1"
          min="5"
          max="100"
          :label="__('Humidity, %')"
          required
        />
        <button class="btn">{{ __('Note') }}</button>
      </x-form>
    @endcan
  </section>
  @forelse ($stacks as $i => $stack)
    <section class="blk">
      <h2>{{ $stack->of->lot->code }}, {{ $say->taken($stack->wholeSupers(), $stack->singleFrames()) }}</h2>
      <p>@include('honey-room.ready', ['ready' => $stack->ready])</p>
      <x-drawing.wide :of="$pictures[$i]" :name="$stack->of->lot->code" />
      <x-drawing.wide :of="$charts[$i]" />
      <p>
        {{ __('Now :water', ['water' => $f->water($stack->now->waterPct)]) }}
        <span class="rng">{{ $f->water($stack->now->loPct) }} – {{ $f->water($stack->now->hiPct) }}</span> ·
        {{ __(':p of the honey is capped', ['p' => $f->percent($stack->cappedShare)]) }} ·
        {{ __('this air ends at :water', ['water' => $f->water($stack->endPct)]) }}
      </p>
      <p class="sub">
        {{ __('Open cells: :open. Capped cells: :capped.', [
            'open' => $stack->more($stack->open, $f),
            'capped' => $stack->more($stack->capped, $f),
        ]) }}
      </p>
      @if ($stack->otherwise)
        <p role="status">{{ __('At :h % humidity instead:', ['h' => round($humidity)]) }}
          @include('honey-room.ready', ['ready' => $stack->otherwise])</p>
      @endif
      @can('record')
        <ul class="my-3">
          @foreach ($stack->supers as $super)
            <li class="arrival">
              <x-form :action="route('honey-room.warm.reading', $super->id)" class="row">
                <b>{{ $super->title() }}</b>
                <div class="field">
                  <label for="r-{{ $super->id }}">{{ __('Water, %') }}<span class="sr">,
                      {{ $super->name() }}</span></label>
                  <input
                    id="r-{{ $super->id }}"
                    name="water"
                    type="number"
                    inputmode="decimal"
                    step="0.1"
                    min="12"
                    max="28"
                    placeholder="{{ $super->readings->isEmpty() ? '' : round($super->readings->last()->water_pct, 1) }}"
                    required
                  >
                </div>
                <button class="btn">{{ __('Note') }}</button>
                @foreach ($instruments as $one)
                  <button
                    class="btn"
                    name="instrument"
                    value="{{ $one->id }}"
                    formnovalidate
                  >{{ $one->name }}</button>
                @endforeach
              </x-form>
            </li>
          @endforeach
        </ul>
        <x-form :action="route('honey-room.warm.move')" class="btns">
          @foreach ($stack->supers as $super)
            <input type="hidden" name="supers[]" value="{{ $super->id }}">
          @endforeach
          <button class="btn" name="to"
            value="door">{{ __('Take :lot out', ['lot' => $stack->of->lot->code]) }}</button>
        </x-form>
      @endcan
    </section>
  @empty
    <p class="empty">{{ __('The warm room is empty.') }}</p>
  @endforelse
  @if ($stacks !== [])
    <form method="get" action="{{ route('honey-room.warm') }}" class="row blk">
      <x-field
        name="humidity"
        id="what-if"
        type="number"
        min="20"
        max="80"
        :label="__('Try another humidity, %')"
        :value="$humidity ?? 35"
      />
      <button class="btn">{{ __('Calculate') }}</button>
    </form>
  @endif
  @can('record')
    @if ($waiting->isNotEmpty())
      <section class="blk">
        <h2>{{ __('At the door') }}</h2>
        <x-form :action="route('honey-room.warm.move')" class="flex flex-col gap-3">
          <input type="hidden" name="to" value="dry">
          <fieldset class="choosehives wide">
            <legend>{{ __('Supers and frames') }}</legend>
            @foreach ($waiting as $super)
              <label class="check"><input
                  type="checkbox"
                  name="supers[]"
                  value="{{ $super->id }}"
                  checked
                > {{ $super->title() }}
                @if ($super->readings->isNotEmpty())
                  <span class="soft">{{ $f->water($super->readings->last()->water_pct) }}</span>
                @endif
              </label>
            @endforeach
          </fieldset>
          <button class="btn go">{{ __('Into the warm room') }}</button>
        </x-form>
      </section>
    @endif
  @endcan
  <x-slot:why>
    <p class="lab">{{ __('Why') }}</p>
    <h2 class="say">
      {{ __('Open cells dry, capped cells hardly') }}</h2>
    <x-disclosure :summary="__('How this was calculated')">
      <p>
        {{ __('The readings show how fast this room dries. Before the first: three days to a week (common practice).') }}
        {{ __('The band is the range in 8 of 10 cases.') }}
      </p>
      <p>{{ __('Warm and moving air dries faster; the readings show it.') }}</p>
    </x-disclosure>
    <p class="caution">
      {{ __('Warm dry, thick honey (14 to 15 %) instead.') }}
      {{ __('Wax softens above :soft; heat above :hot harms honey.', ['soft' => $f->celsius(38.0), 'hot' => $f->celsius(40.0)]) }}
    </p>
  </x-slot:why>
</x-page>
