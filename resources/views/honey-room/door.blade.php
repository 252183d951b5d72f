<x-page :title="__('At the door')" stage="honey-room" :wall="true">
  <x-slot:head>
    <script src="/build/bench.js?{{ $assetVersion }}" type="module" nonce="{{ $nonce }}"></script>
  </x-slot:head>
  <h1>{{ __('At the door') }}</h1>
  @include('honey-room.tabs')
  @if ($stacks === [])
    <p class="empty">{{ __('No super is on its way. Supers appear here when a clearing is collected.') }}
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
          {{ trans_choice('{1} :count super of the sheet is not ticked.|[2,*] :count supers of the sheet are not ticked.', $stack->awaited()) }}
          {{ __('Tick the supers that are here. For the others, say below where they stayed.') }}
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
              <span class="flex items-center gap-3">
                <x-drawing.picture :of="$taken->one($super)" />
                <b>{{ $super->title() }}</b>
              </span>
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
                      > {{ __('new or unwired combs') }}</label>
                    <button
                      class="btn">{{ $super->station->isAway() ? __('Here, with these values') : __('Save the values') }}</button>
                    @if ($scale)
                      <button class="btn" name="weigh" value="scale">{{ __('Weigh on the scale') }}</button>
                    @endif
                  </div>
                </details>
              </x-form>
              @if ($super->bees_left)
                <p class="sub">
                  {{ __('Darken the room and open a gap at a window: the bees fly to the light.') }}
                  {{ __('Or put the super outside at dusk under a cloth, at its own hive. Never leave it open by day (robbing).') }}
                </p>
              @endif
              <details class="more-of">
                <summary>{{ __('not extracted, or not here') }}<span class="sr"> {{ $super->name() }}</span>
                </summary>
                <x-form :action="route('honey-room.door.use', $super->id)" class="row">
                  <x-field
                    name="use"
                    id="u-{{ $super->id }}"
                    :label="__('Use of the honey')"
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
                    :hint="__('comb pieces, drained or pressed honey')"
                    :value="$super->used_kg === null ? '' : round($f->massValue($super->used_kg), 2)"
                  />
                  <button class="btn">{{ __('Note') }}</button>
                </x-form>
                @if ($super->station->isAway())
                  <x-form :action="route('honey-room.door.missing', $super->id)" class="btns">
                    @if (!$super->isFrame())
                      <button class="btn" name="where" value="hive">{{ __('Stayed on its hive') }}</button>
                    @endif
                    <button class="btn" name="where" value="unknown">{{ __('The super is missing') }}</button>
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
            <summary>{{ __('another super came') }}</summary>
            <x-form :action="route('honey-room.door.more', $stack->lot->id)" class="row">
              <div class="field">
                <label for="more-{{ $stack->lot->id }}">{{ __('Which super') }}</label>
                <select id="more-{{ $stack->lot->id }}" name="box">
                  @foreach ($others->get($stack->lot->harvest->apiary_id) as $place)
                    <option value="{{ $place->box_id }}">{{ $place->hive->code }} {{ $place->box->mark }}</option>
                  @endforeach
                </select>
              </div>
              <button class="btn">{{ __('Add this super') }}</button>
            </x-form>
          </details>
        @endif
      @endcan
    </section>
  @endforeach
  @can('record')
    @if ($apiaries !== [])
      <section class="blk" id="by-hand">
        <h2>{{ __('Supers on no sheet') }}</h2>
        <form method="get" action="{{ route('honey-room.door') }}#by-hand" class="row">
          <x-field
            name="yard"
            :label="__('Yard')"
            :value="$apiary?->slug"
            :options="$apiaries"
          />
          <button class="btn">{{ __('Which supers') }}</button>
        </form>
        @if ($apiary)
          @if ($others->get($apiary->id, collect())->isEmpty())
            <p class="empty">{{ __('Yard :yard has no super.', ['yard' => $apiary->name]) }}</p>
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
                <button class="btn go">{{ __('Add these supers') }}</button>
              </div>
            </x-form>
          @endif
        @endif
      </section>
    @endif
  @endcan
  <x-slot:why>
    <p class="lab">{{ __('How') }}</p>
    <h2 class="say">{{ __('Only ticked supers count as here.') }}</h2>
    <p>
      {{ __('Weigh a super at the door and after extraction: its honey is then measured, and your estimates improve.') }}
    </p>
    <p>{{ __('The mark says where to return a super or frame: hive, super and slot.') }}</p>
    <p>{{ __('Cover waiting stacks and keep them off the floor. Against ants, put the feet in oil or water.') }}</p>
    <p class="caution">{{ __('A full super is heavy: lift with two people, or carry single frames.') }}</p>
  </x-slot:why>
</x-page>
