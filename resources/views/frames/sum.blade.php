<div id="frames-sum">
  <section class="blk" aria-live="polite">
    <p>
      <span class="big">{{ $sum->frames }}</span>
      {{ trans_choice('{1} frame|[0,*] frames', $sum->frames) }},
      ~{{ $f->kg($sum->honey->kg) }} <span class="rng">{{ $f->kgRange($sum->honey->kg, $sum->honey->sdKg()) }}</span>
    </p>
    @if ($sum->frames > 0)
      <ul class="reasons">
        <li>
          {{ trans_choice('{0} No full load of the extractor.|{1} One full load.|[2,*] :count full loads.', $sum->loads->full) }}
          @if ($sum->loads->over > 0)
            {{ trans_choice('{1} :count frame is over.|[2,*] :count frames are over.', $sum->loads->over) }}
            {{ trans_choice('{1} Take one more, or leave the rest.|[2,*] Take :count more, or leave the rest.', $sum->loads->more()) }}
          @endif
        </li>
        <li>
          {{ trans_choice('{1} One carrying box.|[2,*] :count carrying boxes.', count($sum->carriers)) }}
          {{ __('At most about :kg each, for one person.', ['kg' => $f->kg($sum->heaviestKg(), 0)]) }}
        </li>
        @foreach ($frames->hives as $hive)
          @if ($frames->kg($hive) > $hive->spareKg + 0.05)
            <li class="danger">
              {{ __(':hive: winter needs ~:kg of this honey. Leave it, or feed.', [
                  'hive' => $hive->hive->code,
                  'kg' => $f->kg($frames->kg($hive) - max(0.0, $hive->spareKg)),
              ]) }}
            </li>
          @endif
        @endforeach
      </ul>
    @endif
  </section>
  @if ($sum->frames > 0)
    <section class="blk">
      <h2>{{ __('Carrying boxes') }}</h2>
      <div class="flex flex-wrap gap-x-6 gap-y-2">
        @foreach ($sum->carriers as $carrier)
          <x-drawing.picture :of="$carry->of($carrier)" />
        @endforeach
      </div>
    </section>
    <section class="blk">
      <h2>{{ __('Frames that stay') }}</h2>
      <p class="sub">
        @if ($frames->flowOn)
          {{ __('The flow is on: frames stay in their super; outer frames go to the middle.') }}
        @else
          {{ __('Unfinished frames go to the middle of the lowest super. Emptied supers come off.') }}
        @endif
      </p>
      <div class="flex flex-wrap gap-x-6 gap-y-2">
        @foreach ($frames->hives as $hive)
          @if ($frames->of($hive) !== [])
            @php($plan = $hive->gathered($frames->ids(), $frames->flowOn))
            <div>
              <h3>{{ $hive->hive->code }}</h3>
              <x-drawing.elevation :of="$after->of($hive, $frames, $plan)" />
              <ol class="text-sm leading-5 pl-5 list-decimal">
                @foreach ($plan->shifts as $shift)
                  <li>{{ $hive->words($shift) }}</li>
                @endforeach
                @foreach ($plan->emptied as $id)
                  <li>{{ __(':mark comes off', ['mark' => $hive->box($id)->box->mark]) }}</li>
                @endforeach
              </ol>
            </div>
          @endif
        @endforeach
      </div>
    </section>
    @can('record')
      <x-form :action="route('frames.take', $apiary->slug)" class="blk">
        @include('frames.ids')
        <h2>{{ __('Take them') }}</h2>
        @foreach ($clearings as $clearing)
          <label class="check">
            <input
              type="radio"
              name="clearing"
              value="{{ $clearing->id }}"
              @checked($loop->first && $clearing->second_on === null)
            >
            {{ __('finish the clearing of :day (:method); its other supers stay on their hives', [
                'day' => $f->weekday($clearing->inOn()),
                'method' => $say->method($clearing->method),
            ]) }}
          </label>
        @endforeach
        <fieldset>
          <legend>{{ __('At the hive') }}</legend>
          <div class="row">
            <x-field
              name="bees"
              :label="__('The bees are')"
              value="shaken"
              :options="[
                  'shaken' => __('shaken off'),
                  'brushed' => __('brushed off'),
                  'aside' => __('left to go, frames stood aside'),
              ]"
            />
            <x-field
              name="gaps"
              :label="__('Gaps')"
              value="left"
              :options="[
                  'left' => __('stay'),
                  'store' => __('are filled with empty frames from store'),
                  'spaced' => __('close: frames are spaced wider'),
              ]"
            />
          </div>
          <label class="check">
            <input
              type="checkbox"
              name="gather"
              value="1"
              checked
            > {{ __('gather the other frames as shown') }}
          </label>
        </fieldset>
        <fieldset>
          <legend>{{ __('The frames taken') }}</legend>
          <div class="row">
            <x-field name="use" :label="__('Use of the honey')" :options="$uses" />
            <x-field
              name="colour"
              :label="__('Marks')"
              :value="$colour"
              :options="$colours"
            />
            <x-field
              name="on"
              type="date"
              :label="__('Done on')"
              :value="$today"
            />
          </div>
        </fieldset>
        <button class="btn go">
          {{ trans_choice('{1} Take :count frame|[2,*] Take :count frames', $sum->frames) }}</button>
      </x-form>
      <x-disclosure :summary="__('Or put them elsewhere')" :open="$errors->has('to')">
        <x-form :action="route('frames.move', $apiary->slug)" class="row">
          @include('frames.ids')
          <x-field
            name="to"
            id="frames-to"
            :label="__('Box')"
            :options="$places"
          />
          <x-field
            name="on"
            id="frames-on"
            type="date"
            :label="__('Done on')"
            :value="$today"
          />
          <button class="btn">{{ __('Move the frames') }}</button>
        </x-form>
        <p class="sub">
          {{ __('Honey for a hungry hive, or brood for a split: frames fill the gaps of a box, middle first.') }}</p>
      </x-disclosure>
      <x-disclosure :summary="__('Or describe the combs')" :open="$errors->hasAny(['comb', 'year'])">
        <x-form :action="route('frames.comb', $apiary->slug)" class="row">
          @include('frames.ids')
          <x-field name="comb" :label="__('Comb')" :options="$combs" />
          <x-field
            name="year"
            id="comb-year"
            type="number"
            min="1990"
            max="2100"
            :label="__('Drawn in')"
          />
          <button class="btn">{{ __('Save the description') }}</button>
        </x-form>
        <p class="sub">
          {{ __('The description goes with the frame. Frames you skip stay as they are.') }}
        </p>
      </x-disclosure>
    @endcan
  @endif
</div>
