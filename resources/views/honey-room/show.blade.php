<x-page
  :title="__('Lot :lot', ['lot' => $lot->code])"
  stage="honey-room"
  :yard="$lot->harvest->apiary->slug"
  :wall="true"
>
  <x-slot:head>
    <script src="/build/bench.js?{{ $assetVersion }}" type="module" nonce="{{ $nonce }}"></script>
  </x-slot:head>
  <div class="hd">
    <h1>{{ __('Lot :lot, :yard', ['lot' => $lot->code, 'yard' => $lot->harvest->apiary->name]) }}</h1>
    <span class="sub">{{ $f->date($lot->harvest->taken_on) }},
      {{ $say->taken($lot->harvest->wholeSupers(), $lot->harvest->singleFrames()) }}</span>
  </div>
  <p><span class="big">{{ $f->kg($state->measuredKg()) }}</span> <span class="soft">{{ __('weighed of') }}
      ~{{ $f->kg($state->estimated()->kg) }} {{ $f->kgRange($state->estimated()->kg, $state->estimated()->sdKg(), 0) }}
      {{ __('estimated') }}</span>
    @if ($state->spun() < $state->lot->harvest->supers->count())
      <span class="soft">·
        {{ __(':n of :all extracted', ['n' => $state->spun(), 'all' => $state->lot->harvest->supers->count()]) }}</span>
    @endif
  </p>
  <div class="flex gap-2 flex-wrap items-end">
    <x-drawing.wide :of="$buckets" />
  </div>
  @include('honey-room.tabs')
  @can('record')
    <section class="blk">
      <h2>{{ __('Weigh a bucket') }}</h2>
      @if (!$isChecked)
        <x-form :action="route('honey-room.checks.store')" class="flex flex-col gap-3">
          <input type="hidden" name="back" value="{{ $lot->id }}">
          <fieldset class="choosehives wide">
            <legend>{{ __('Before the first honey of the day is poured') }}</legend>
            @foreach ($checks as $key => $words)
              <label class="check"><input type="checkbox" name="checks[{{ $key }}]" value="1">
                {{ $words }}</label>
            @endforeach
          </fieldset>
          <button class="btn go">{{ __('All checked') }}</button>
        </x-form>
      @else
        <x-form :action="route('honey-room.buckets.store', $lot->id)" class="row">
          <x-field
            name="gross"
            type="number"
            step="0.01"
            min="0"
            inputmode="decimal"
            :label="__('Gross, :unit', ['unit' => $f->massUnit()])"
          />
          @if ($kinds->isNotEmpty())
            <div class="field">
              <label for="bucket-kind">{{ __('Bucket') }}</label>
              <select id="bucket-kind" name="kind">
                @foreach ($kinds as $kind)
                  <option value="{{ $kind->id }}">{{ $kind->name }}, {{ $f->kg($kind->tare_kg, 2) }}</option>
                @endforeach
              </select>
            </div>
          @endif
          <x-field
            name="tare"
            type="number"
            step="0.01"
            min="0"
            inputmode="decimal"
            :label="__('Empty bucket, :unit', ['unit' => $f->massUnit()])"
            :hint="$kinds->isEmpty() ? null : __('empty: the bucket kind\'s')"
            :value="$kinds->isEmpty() ? round($f->massValue($lot->buckets->last()->tare_kg ?? 1.15), 2) : null"
          />
          <x-field
            name="water"
            type="number"
            step="0.1"
            min="12"
            max="28"
            inputmode="decimal"
            :label="__('Water, %')"
          />
          @if ($errors->has('again'))
            <label class="check"><input type="checkbox" name="again" value="1">
              {{ __('another bucket of the same weight') }}</label>
          @endif
          <button class="btn go">{{ __('Weigh') }}</button>
          @if ($hasScale)
            <button
              class="btn"
              name="weigh"
              value="scale"
              formnovalidate
            >{{ __('Weigh on the scale') }}</button>
          @endif
        </x-form>
      @endif
    </section>
  @endcan
  <section class="blk">
    <h2>{{ __('Yield of each hive') }} <x-term of="allotted" /></h2>
    @if ($state->refusal)
      <p class="sub">{{ $say->refusal($state->refusal) }}</p>
    @elseif ($state->allotted === null)
      <p class="sub">{{ __('Weigh the first bucket to share the honey out to the hives.') }}</p>
    @endif
    <x-drawing.wide :of="$picture" />
  </section>
  @if ($lot->buckets->isNotEmpty())
    <details class="astable" @if ($marked !== null) open @endif>
      <summary>{{ __('the buckets as a table, to correct') }}</summary>
      <x-table :head="[__('Bucket'), __('Gross and tare, :unit; water, %', ['unit' => $f->massUnit()]), __('Net')]" num="3" acts>
        @foreach ($lot->buckets as $bucket)
          <tr id="bucket-{{ $bucket->number }}" @class(['marked' => $bucket->number === $marked])>
            <td>{{ $bucket->number }}</td>
            <td>
              @can('record')
                <x-form :action="route('honey-room.buckets.update', $bucket->id)" method="put" class="row">
                  <x-hidden :of="['version' => $bucket->version]" />
                  <div class="field"><label class="sr"
                      for="g{{ $bucket->id }}">{{ __('Gross of bucket :n', ['n' => $bucket->number]) }}</label>
                    <input
                      id="g{{ $bucket->id }}"
                      name="gross"
                      type="number"
                      step="0.01"
                      value="{{ round($f->massValue($bucket->gross_kg), 2) }}"
                    >
                  </div>
                  <div class="field"><label class="sr"
                      for="t{{ $bucket->id }}">{{ __('Tare of bucket :n', ['n' => $bucket->number]) }}</label>
                    <input
                      id="t{{ $bucket->id }}"
                      name="tare"
                      type="number"
                      step="0.01"
                      value="{{ round($f->massValue($bucket->tare_kg), 2) }}"
                    >
                  </div>
                  <div class="field"><label class="sr"
                      for="w{{ $bucket->id }}">{{ __('Water of bucket :n, per cent', ['n' => $bucket->number]) }}</label>
                    <input
                      id="w{{ $bucket->id }}"
                      name="water"
                      type="number"
                      step="0.1"
                      placeholder="{{ __('water') }}"
                      value="{{ $bucket->water_pct === null ? '' : round($bucket->water_pct, 1) }}"
                    >
                  </div>
                  <button class="btn small">{{ __('Correct') }}</button>
                </x-form>
              @else
                {{ $f->kg($bucket->gross_kg, 2) }} / {{ $f->kg($bucket->tare_kg, 2) }} /
                {{ $f->water($bucket->water_pct) }}
              @endcan
            </td>
            <td class="num">{{ $f->kg($bucket->netKg(), 2) }}</td>
            <td>
              @include('honey-room.poured')
              @can('manage')
                <x-remove :action="route('honey-room.buckets.destroy', $bucket->id)" :of="$bucket->number" />
              @endcan
            </td>
          </tr>
        @endforeach
      </x-table>
    </details>
  @endif
  <details class="astable">
    <summary>{{ __('supers and frames, weighed before and after extraction') }}</summary>
    <x-table :head="[
        __('Super or frame'),
        __('Estimated'),
        __('Allotted'),
        __('Before and after, :unit', ['unit' => $f->massUnit()]),
    ]" num="2 3">
      @foreach ($lot->harvest->supers as $super)
        <tr>
          <td>{{ $super->title() }}</td>
          <td class="num">~{{ $f->kg($super->estimate_kg) }}</td>
          <td class="num">{{ $f->kg($super->allotted_kg) }}</td>
          <td>
            @can('record')
              <x-form :action="route('honey-room.supers.update', $super->id)" method="put" class="row">
                <div class="field"><label class="sr"
                    for="b{{ $super->id }}">{{ __('Before, :box', ['box' => $super->name()]) }}</label>
                  <input
                    id="b{{ $super->id }}"
                    name="before"
                    type="number"
                    step="0.01"
                    value="{{ $super->before_kg === null ? '' : round($f->massValue($super->before_kg), 2) }}"
                  >
                </div>
                <div class="field"><label class="sr"
                    for="a{{ $super->id }}">{{ __('After, :box', ['box' => $super->name()]) }}</label>
                  <input
                    id="a{{ $super->id }}"
                    name="after"
                    type="number"
                    step="0.01"
                    value="{{ $super->after_kg === null ? '' : round($f->massValue($super->after_kg), 2) }}"
                  >
                </div>
                <button class="btn small">{{ __('Weigh') }}</button>
                @if ($hasScale)
                  <button class="btn small" name="weigh"
                    value="{{ $super->before_kg === null ? 'before' : 'after' }}"
                  >
                    {{ $super->before_kg === null ? __('Full, on the scale') : __('Extracted, on the scale') }}</button>
                @endif
              </x-form>
            @endcan
          </td>
        </tr>
      @endforeach
    </x-table>
  </details>
  @include('honey-room.leftovers')
  @if ($lot->harvest->singleFrames() > 0)
    @include('honey-room.wet')
  @endif
  @can('manage')
    <details class="astable">
      <summary>{{ __('remove this lot') }}</summary>
      <p class="sub">{{ __('The lot, its supers and buckets go into the bin for 30 days.') }}</p>
      <x-form :action="route('honey-room.lots.destroy', $lot->id)" method="delete">
        <button class="btn bad">{{ __('Remove lot :lot', ['lot' => $lot->code]) }}</button>
      </x-form>
    </details>
  @endcan
  <x-slot:why>
    <div>
      <p class="lab">{{ __('Why: lot :lot', ['lot' => $lot->code]) }}</p>
      <h2 class="say">
        @if ($state->allotted)
          {{ $state->words($f) }}
        @else
          {{ __('No bucket is weighed yet.') }}
        @endif
      </h2>
    </div>
    @if ($state->allotted)
      <section>
        <dl>
          <dt>{{ __('Weighed') }}</dt>
          <dd>{{ $f->kg($state->measuredKg()) }}</dd>
          @if ($state->kgAFrame() !== null)
            <dt>{{ __('A frame gave') }}</dt>
            <dd>{{ $f->kg($state->kgAFrame(), 2) }}</dd>
          @endif
          <dt>{{ __('Left in the machine') }}</dt>
          <dd>{{ $f->kg($lot->loss_kg) }}</dd>
          <dt>{{ __('Change of the filling') }}</dt>
          <dd>× {{ number_format($state->allotted->fillFactor, 2) }} <span class="rng">±
              {{ number_format($state->allotted->fillFactorSd, 2) }}</span></dd>
        </dl>
      </section>
    @endif
    <x-disclosure :summary="__('How this was calculated')">
      <p>
        {{ __('The filling\'s error is the same for all supers of a lot; painting errors differ.') }}
        {{ __('All estimates are corrected so that their sum is the buckets\' weight.') }}
      </p>
    </x-disclosure>
    <p class="caution">
      {{ __('Hot knives and moving rotors: lid shut, sleeves and hair tied.') }}
      {{ __('Wet frames go back to their own hives (disease). No honey for infants under 12 months.') }}
    </p>
  </x-slot:why>
</x-page>
