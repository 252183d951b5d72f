<x-page :title="__('Policy')">
  <h1>{{ __('Policy') }}</h1>
  <p class="sub">
    {{ __('Beekeepers disagree on these questions. Here :operation decides; every verdict follows these choices.', [
        'operation' => $operation->name,
        'n' => $version,
    ]) }}
  </p>
  <p class="sub" id="means"
    @unless ($withMeaning) hx-get="{{ route('account.policy', ['means' => 1]) }}"
      hx-trigger="load"
      hx-swap="outerHTML"
      hx-target="this"
      hx-select="#means"
      hx-select-oob="{{ $filled }}" @endunless
  >
    @if ($withMeaning)
      {{ __('Under each choice: what it means for your hives today, before you save it.') }}
    @else
      <a class="link" href="{{ route('account.policy', ['means' => 1]) }}">
        {{ __('Calculate what each choice means for your hives') }}</a>
    @endif
  </p>
  <x-form :action="route('account.policy.update')" method="put">
    <div class="cols2">
      <section class="blk narrow">
        <h2>{{ __('Ripeness') }}</h2>
        @include('account.choose', [
            'name' => 'school',
            'legend' => __('Rule for ripe honey'),
            'choices' => $ripeness,
            'chosen' => $values['school'],
        ])
        <x-field
          name="refractometer"
          :label="__('Have a refractometer?')"
          :value="$values['refractometer']"
          :options="$choose->yesOrNo()"
          :hint="__('Without one, a super is judged by its capping and the shake test.')"
        />
        <div class="row">
          <x-field
            name="capped_min"
            type="number"
            min="0"
            max="100"
            step="1"
            :label="__('Honey capped at least, %')"
            :value="$values['capped_min']"
            :hint="__('with the refractometer')"
          />
          <x-field
            name="water_max_pct"
            type="number"
            min="14"
            max="25"
            step="0.1"
            :label="__('Water at most, %')"
            :value="$values['water_max_pct']"
            :hint="__('Codex limit: 20, heather 23')"
          />
          <x-field
            name="heather_water_max_pct"
            type="number"
            min="14"
            max="25"
            step="0.1"
            :label="__('Heather: maximum water, %')"
            :value="$values['heather_water_max_pct']"
          />
        </div>
        <h3>{{ __('Certainty and boxes') }}</h3>
        <x-field
          name="confidence"
          type="number"
          min="50"
          max="99"
          :label="__('Certainty, %')"
          :value="$values['confidence']"
        />
        <x-field
          name="unit"
          :label="__('Unit of taking')"
          :value="$values['unit']"
          :options="$choose->unitsOfTaking()"
        />
        <h3>{{ __('Yards with other choices') }}</h3>
        <ul>
          @forelse ($exceptions as $one)
            <li><a class="link" href="{{ $one->href }}">{{ $one->words }}</a></li>
          @empty
            <li>{{ __('none; set each yard on its own page') }}</li>
          @endforelse
        </ul>
      </section>
      <section class="blk narrow">
        <h2>{{ __('Winter') }}</h2>
        @include('account.choose', [
            'name' => 'winter_school',
            'legend' => __('What stays for winter'),
            'choices' => $winter,
            'chosen' => $values['winter_school'],
        ])
        <div class="row">
          <x-field
            name="winter_boxes"
            type="number"
            min="1"
            max="10"
            :label="__('Boxes to leave')"
            :value="$values['winter_boxes']"
            :hint="__('brood boxes included; for the rule “a number of boxes”')"
          />
          <x-field
            name="sugar_to_stores"
            type="number"
            min="10"
            max="150"
            :label="__('Stores gained from sugar, %')"
            :value="$values['sugar_to_stores']"
          />
        </div>
        <x-field
          name="winter_confidence"
          type="number"
          min="50"
          max="99.9"
          step="0.1"
          :label="__('Winters without feeding, %')"
          :value="$values['winter_confidence']"
        />
        <h3>{{ __('Dates of winter') }}</h3>
        <div class="row">
          <x-field
            name="winter_from"
            :label="__('Winter begins (month-day)')"
            :value="$values['winter_from']"
            pattern="\d\d-\d\d"
          />
          <x-field
            name="first_flow"
            :label="__('First flow (month-day)')"
            :value="$values['first_flow']"
            pattern="\d\d-\d\d"
          />
        </div>
        <h2>{{ __('Clearing') }}</h2>
        <x-field
          name="clearing"
          :label="__('Way of clearing')"
          :value="$values['clearing']"
          :options="$choose->clearing()"
        />
        <x-field
          name="off_after_flow_days"
          type="number"
          min="0"
          max="90"
          :label="__('Days after the flow')"
          :value="$values['off_after_flow_days']"
          :hint="__(
              'Later the bees eat the honey and robbers come. Fewer days for honey that sets in the comb, such as rape.',
          )"
        />
        <x-field
          name="frame_marks"
          :label="__('Marks on taken frames')"
          :value="$values['frame_marks']"
          :options="[
              'none' => __('none: you write hive, super and slot on the frame'),
              'yard' => __('numbered, a colour for each yard'),
              'hive' => __('numbered, a colour for each hive'),
          ]"
        />
        <h2>{{ __('Assumptions') }}</h2>
        <div class="row">
          <x-field
            name="fill_capped"
            type="number"
            step="0.5"
            :label="__('Honey in capped comb, %')"
            :value="$values['fill_capped']"
          />
          <x-field
            name="fill_open"
            type="number"
            step="0.5"
            :label="__('Honey in open comb, %')"
            :value="$values['fill_open']"
          />
        </div>
        <p class="sub">
          {{ __('Common practice. Your own weighings in the honey room show how far your combs differ.') }}
        </p>
      </section>
    </div>
    @can('manage')
      <div class="btns blk"><button class="btn go">{{ __('Save the policy') }}</button>
      </div>
    @endcan
  </x-form>
</x-page>
