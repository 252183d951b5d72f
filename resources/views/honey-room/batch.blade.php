<x-page :title="__('Batch :code', ['code' => $batch->code])" stage="honey-room" :wall="true">
  <x-slot:head>
    <script src="/build/bench.js?{{ $assetVersion }}" type="module" nonce="{{ $nonce }}"></script>
  </x-slot:head>
  <div class="hd">
    <h1>{{ __('Batch :code', ['code' => $batch->code]) }}</h1>
    <span class="sub">{{ $batch->tank }} {{ $f->moment($batch->poured_at, $zone) }}</span>
  </div>
  @include('honey-room.tabs')
  <p><span class="big">{{ $f->kg($state->leftKg()) }}</span> {{ __('of :kg', ['kg' => $f->kg($state->kg)]) }},
    {{ $state->waterPct === null ? __('water not read (17.5 % assumed)') : $f->water($state->waterPct) }}</p>
  @if ($batch->closed_on)
    <p class="notice">{{ __('Done since :day.', ['day' => $f->date($batch->closed_on)]) }}</p>
  @else
    <section class="blk">
      <h2>{{ __('Clear :when', ['when' => $f->moment($state->clearAt(), $zone)]) }}</h2>
      <x-drawing.wide :of="$chart" />
      <p class="sub">
        {{ __('At :c and :depth deep, for wax crumbs of 0.2 mm.', [
            'c' => $f->celsius($batch->celsius),
            'depth' => $f->lengths->depth($batch->depth_cm),
        ]) }}
        {{ __('Strainers hold back: 600 µm wings and comb, 400 µm also fine wax (usual), 200 µm nearly all but pollen.') }}
      </p>
    </section>
  @endif
  @can('record')
    @if (!$batch->closed_on)
      <section class="blk">
        <h2>{{ __('Fill jars') }}</h2>
        @if ($kinds->isEmpty())
          <p class="empty">{{ __('No kind of jar yet.') }}
            <a class="link" href="{{ route('honey-room.equipment') }}">{{ __('Add the first') }}</a>
          </p>
        @else
          <x-form :action="route('honey-room.fills.store', $batch->id)" class="row">
            <div class="field">
              <label for="fill-kind">{{ __('Jar') }}</label>
              <select id="fill-kind" name="kind">
                @foreach ($kinds as $kind)
                  <option value="{{ $kind->id }}">{{ $kind->name }}, {{ $kind->net_g }} g
                    ({{ __(':n empty', ['n' => $kind->stock]) }})
                  </option>
                @endforeach
              </select>
            </div>
            <x-field
              name="count"
              type="number"
              inputmode="numeric"
              min="1"
              :label="__('How many')"
              required
            />
            <x-field name="weights" :label="__('Net weights, g')" :hint="__('with spaces between')" />
            <x-field
              name="best_before"
              type="date"
              :label="__('Best before')"
              :hint="__('empty: in two years')"
            />
            <button class="btn go">{{ __('On the shelf') }}</button>
          </x-form>
          <p class="sub"><a class="link"
              href="{{ $plan }}">{{ __('Which jars leave the least over?') }}</a></p>
        @endif
      </section>
    @endif
  @endcan
  @if ($batch->fills->isNotEmpty())
    <section class="blk">
      <h2>{{ __('Jars') }}</h2>
      @foreach ($batch->fills as $fill)
        <div class="arrival">
          <div class="hd">
            <b>{{ $fill->count }} × {{ $fill->kind->name }}</b>
            <span class="sub">{{ $f->date($fill->filled_on) }},
              {{ __('best before :day', ['day' => $f->date($fill->best_before)]) }},
              {{ trans_choice('{0} none on the shelf|[1,*] :count on the shelf', $fill->onShelf()) }}</span>
          </div>
          @if ($fill->prepack())
            <p>
              {{ __(':n weighed, mean :mean g:', ['n' => $fill->prepack()->jars, 'mean' => number_format($fill->prepack()->meanG, 1)]) }}
              <b>{{ $fill->prepack()->passes() ? __('the rules of the average system are met.') : __('the rules are not met. Fill the jars up.') }}</b>
            </p>
          @endif
          @foreach ($fill->moves as $move)
            <p class="sub">{{ $move->count }}
              {{ $move->whom === '' ? __('to an unnamed customer') : __('to :whom', ['whom' => $move->whom]) }},
              {{ $f->date($move->moved_on) }}</p>
          @endforeach
          @can('record')
            @if ($fill->onShelf() > 0)
              <x-form :action="route('honey-room.fills.move', $fill->id)" class="row">
                <x-field
                  name="count"
                  id="m-{{ $fill->id }}"
                  type="number"
                  inputmode="numeric"
                  min="1"
                  :label="__('Jars out')"
                  required
                />
                <x-field
                  name="whom"
                  id="t-{{ $fill->id }}"
                  :label="__('To whom')"
                  :hint="__('for a recall; may be empty')"
                />
                <button class="btn">{{ __('Note') }}</button>
              </x-form>
            @endif
          @endcan
          <details class="more-of">
            <summary>{{ __('labels as PDF') }}<span class="sr"> {{ $fill->kind->name }}</span></summary>
            <form method="get" action="{{ route('honey-room.labels', $fill->id) }}" class="row">
              <x-field
                name="paper"
                id="p-{{ $fill->id }}"
                :label="__('Label paper')"
                :options="$papers"
              />
              <x-field
                name="law"
                id="l-{{ $fill->id }}"
                :label="__('Net quantity in')"
                :options="$countries"
              />
              <x-field
                name="name"
                id="n-{{ $fill->id }}"
                :label="__('Name')"
                :value="__('Honey')"
              />
              <x-field name="origin" id="o-{{ $fill->id }}" :label="__('Country of origin')" />
              <button class="btn">{{ __('Print') }}</button>
            </form>
            <p class="caution">{{ __('The law says what a label must show. Check it.') }}</p>
          </details>
        </div>
      @endforeach
    </section>
  @endif
  <section class="blk">
    <div class="hd">
      <h2>{{ __('Back to the hives, forward to the jars') }}</h2>
      <a class="btn" href="{{ route('honey-room.trace', $batch->id) }}">{{ __('PDF for an inspector') }}</a>
    </div>
    <x-drawing.wide :of="$picture" />
    @include('honey-room.traced')
  </section>
  @can('record')
    <div class="btns blk">
      <x-form :action="route('honey-room.batches.close', $batch->id)">
        <button class="btn">{{ $batch->closed_on ? __('Open it again') : __('This batch is done') }}</button>
      </x-form>
      @can('manage')
        @if ($batch->fills->isEmpty())
          <x-form :action="route('honey-room.batches.destroy', $batch->id)" method="delete">
            <button class="btn bad">{{ __('Remove batch :code', ['code' => $batch->code]) }}</button>
          </x-form>
        @endif
      @endcan
    </div>
  @endcan
  <x-slot:why>
    <p class="lab">{{ __('If the honey is faulty') }}</p>
    <h2 class="say">
      {{ trans_choice('{0} No jar has left the shelf.|{1} :count jar has left the shelf.|[2,*] :count jars have left the shelf.', $trace->given()) }}
    </h2>
    <p>{{ __('The customers are listed with the jars. Call the jars back by batch and kind.') }}</p>
    <h3>{{ __('Runny or set honey') }}</h3>
    <p>
      {{ __('Rape and other quick honeys: stir when crystals begin, or seed with 10 % fine set honey, at :t.', [
          't' => $f->celsius(14.0),
      ]) }}
      {{ __('Runny honeys: store dark.') }}
    </p>
    <p class="caution">
      {{ __('Warm gently: :pour to pour, at most :hot and not for days.', ['pour' => $f->celsius(35.0), 'hot' => $f->celsius(40.0)]) }}
      {{ __('No honey for infants under 12 months.') }}
    </p>
  </x-slot:why>
</x-page>
