<x-page :title="__('At the door')" stage="honey-room" :wall="true">
  <x-slot:head>
    <script src="/build/bench.js?{{ $assetVersion }}" type="module" nonce="{{ $nonce }}"></script>
  </x-slot:head>
  <h1>{{ __('At the door') }}</h1>
  @include('honey-room.tabs')
  @if ($stacks === [])
    <p class="empty">{{ __('Nothing is on its way. Supers come here when a clearing is collected.') }}
      <a class="link" href="{{ route('clear.index') }}">{{ __('To the clearings') }}</a>
    </p>
  @endif
  @foreach ($stacks as $stack)
    <section class="blk" id="l-{{ $stack->lot->id }}">
      <div class="hd">
        <h2><a href="{{ route('honey-room.lot', $stack->lot->id) }}">{{ $stack->lot->code }},
            {{ $stack->lot->harvest->apiary->name }}</a></h2>
        <span class="sub">{{ $f->date($stack->lot->harvest->taken_on) }}, ~{{ $f->kg($stack->judgedKg()) }}</span>
      </div>
      @if ($stack->isShort())
        <p class="border-l-4 border-l-mauve py-1 pr-0 pl-3" role="status">
          {{ trans_choice('{1} :count more was on the sheet and is not ticked.|[2,*] :count more were on the sheet and are not ticked.', $stack->awaited()) }}
          {{ __('Tick what is here; of what is not, say below where it stayed.') }}
        </p>
      @endif
      @can('record')
        @if ($stack->awaited() > 1)
          <x-form :action="route('honey-room.door.all', $stack->lot->id)" class="btns">
            <button class="btn go">{{ trans_choice('[2,*] All :count are here', $stack->awaited()) }}</button>
          </x-form>
        @endif
      @endcan
      <ul class="my-3">
        @foreach ($stack->onTheWay() as $super)
          <li class="arrival" id="s-{{ $super->id }}">
            <div class="hd">
              <b>{{ $super->title() }}</b>
              <span class="sub">{{ $super->station->words() }} · ~{{ $f->kg($super->estimate_kg) }}@if ($super->before_kg)
                  · {{ $f->kg($super->before_kg, 2) }} {{ __('gross') }}
                  @endif @if ($super->readings->isNotEmpty())
                    · {{ $f->water($super->readings->last()->water_pct) }}
                    @endif @if ($super->used_for->value !== 'extract')
                      · {{ $super->used_for->words() }}
                      @endif @if ($super->bees_left)
                        · {{ __('a few bees') }}
                      @endif
              </span>
            </div>
            @can('record')
              <x-form :action="route('honey-room.door.arrive', $super->id)" class="row">
                @if ($super->station->isAway())
                  <button class="btn go">{{ __('Here') }}<span class="sr"> {{ $super->name() }}</span></button>
                @endif
                <details class="more-of" @if ($super->bees_left) open @endif>
                  <summary>{{ __('weight, water, bees') }}<span class="sr"> {{ $super->name() }}</span></summary>
                  <div class="row">
                    <div class="field">
                      <label for="w-{{ $super->id }}">{{ __('Gross, :unit', ['unit' => $f->massUnit()]) }}</label>
                      <input
                        id="w-{{ $super->id }}"
                        name="before"
                        type="number"
                        inputmode="decimal"
                        step="0.01"
                        min="0.1"
                        value="{{ $super->before_kg === null ? '' : round($f->massValue($super->before_kg), 2) }}"
                      >
                    </div>
                    <div class="field">
                      <label for="r-{{ $super->id }}">{{ __('Water, %') }}</label>
                      <input
                        id="r-{{ $super->id }}"
                        name="water"
                        type="number"
                        inputmode="decimal"
                        step="0.1"
                        min="12"
                        max="28"
                      >
                    </div>
                    <label class="check"><input
                        type="checkbox"
                        name="bees"
                        value="1"
                        @checked($super->bees_left)
                      > {{ __('a few bees in it') }}</label>
                    <label class="check"><input
                        type="checkbox"
                        name="fresh"
                        value="1"
                        @checked($super->fresh)
                      > {{ __('new combs, or without wire') }}</label>
                    <button class="btn">{{ $super->station->isAway() ? __('Here, with that') : __('Note') }}</button>
                    @if ($scale)
                      <button class="btn" name="weigh" value="scale">{{ __('Weigh on the scale') }}</button>
                    @endif
                  </div>
                </details>
              </x-form>
              @if ($super->bees_left)
                <p class="sub">
                  {{ __('Turn the room dark and leave a gap at a window: they fly to the light.') }}
                  {{ __('Or stand the super outside at dusk under a cloth, at its own hive; never open by day (robbing).') }}
                </p>
              @endif
              <details class="more-of">
                <summary>{{ __('not extracted, or not here') }}<span class="sr"> {{ $super->name() }}</span>
                </summary>
                <x-form :action="route('honey-room.door.use', $super->id)" class="row">
                  <x-field
                    name="use"
                    id="u-{{ $super->id }}"
                    :label="__('Its honey is')"
                    :value="$super->used_for->value"
                    :options="$uses"
                  />
                  <x-field
                    name="kg"
                    id="k-{{ $super->id }}"
                    type="number"
                    inputmode="decimal"
                    step="0.01"
                    min="0"
                    :label="__('Weighed, :unit', ['unit' => $f->massUnit()])"
                    :hint="__('pieces of comb, what drained or was pressed')"
                    :value="$super->used_kg === null ? '' : round($f->massValue($super->used_kg), 2)"
                  />
                  <button class="btn">{{ __('Note') }}</button>
                </x-form>
                @if ($super->station->isAway())
                  <x-form :action="route('honey-room.door.missing', $super->id)" class="btns">
                    @if (!$super->isFrame())
                      <button class="btn" name="where" value="hive">{{ __('It stayed on its hive') }}</button>
                    @endif
                    <button class="btn" name="where" value="unknown">{{ __('Nobody knows where it is') }}</button>
                  </x-form>
                @endif
              </details>
            @endcan
          </li>
        @endforeach
      </ul>
      @can('record')
        @if ($others->has($stack->lot->harvest->apiary_id))
          <details class="astable">
            <summary>{{ __('one more came than the sheet said') }}</summary>
            <x-form :action="route('honey-room.door.more', $stack->lot->id)" class="row">
              <div class="field">
                <label for="more-{{ $stack->lot->id }}">{{ __('Which super') }}</label>
                <select id="more-{{ $stack->lot->id }}" name="box">
                  @foreach ($others->get($stack->lot->harvest->apiary_id) as $place)
                    <option value="{{ $place->box_id }}">{{ $place->hive->code }} {{ $place->box->mark }}</option>
                  @endforeach
                </select>
              </div>
              <button class="btn">{{ __('It came too') }}</button>
            </x-form>
          </details>
        @endif
      @endcan
    </section>
  @endforeach
  @can('record')
    @if ($apiaries !== [])
      <section class="blk" id="by-hand">
        <h2>{{ __('Supers that no sheet knows') }}</h2>
        <form method="get" action="{{ route('honey-room.door') }}#by-hand" class="row">
          <x-field
            name="yard"
            :label="__('They came from')"
            :value="$apiary?->slug"
            :options="$apiaries"
          />
          <button class="btn">{{ __('Which stand there') }}</button>
        </form>
        @if ($apiary)
          @if ($others->get($apiary->id, collect())->isEmpty())
            <p class="empty">{{ __('No super stands at :yard.', ['yard' => $apiary->name]) }}</p>
          @else
            <x-form :action="route('honey-room.door.by-hand')" class="flex flex-col gap-3">
              <input type="hidden" name="yard" value="{{ $apiary->slug }}">
              <fieldset class="choosehives wide">
                <legend>{{ __('These came in') }}</legend>
                @foreach ($others->get($apiary->id) as $place)
                  <label class="check"><input type="checkbox" name="boxes[]" value="{{ $place->box_id }}">
                    {{ $place->hive->code }} {{ $place->box->mark }}</label>
                @endforeach
              </fieldset>
              <div class="row">
                <x-field
                  name="on"
                  id="by-hand-on"
                  type="date"
                  :label="__('Taken on')"
                  :value="$today"
                />
                <button class="btn go">{{ __('They are here') }}</button>
              </div>
            </x-form>
          @endif
        @endif
      </section>
    @endif
  @endcan
  <x-slot:why>
    <p class="lab">{{ __('How') }}</p>
    <h2 class="say">{{ __('Tick what is here. Nothing is guessed of what is not.') }}</h2>
    <p>
      {{ __('Weighed at the door and again when it is spun, a super\'s honey is known and not judged; it corrects the estimated fill of your combs.') }}
    </p>
    <p>{{ __('The mark tells where it goes back: hive and super, or hive, super and slot.') }}</p>
    <p>{{ __('Stacks that wait stand covered, off the floor, their feet in oil or water where there are ants.') }}</p>
    <p class="caution">{{ __('A full super on a back: mind the lift; two people, or by the frame.') }}</p>
  </x-slot:why>
</x-page>
