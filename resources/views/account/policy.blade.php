<x-page :title="__('Policy')">
  <h1>{{ __('Policy') }}</h1>
  <p class="sub">
    {{ __(
        'Practitioners disagree. These are the choices of :operation, version :n; each verdict names the version it used.',
        [
            'operation' => $operation->name,
            'n' => $version,
        ],
    ) }}
  </p>
  <x-form :action="route('account.policy.update')" method="put">
    <div class="cols2">
      <section class="blk narrow">
        <h2>{{ __('Ripeness') }}</h2>
        <x-field
          name="school"
          :label="__('A super may be taken by')"
          :value="$values['school']"
          :options="$choose->ripenessSchools()"
          :hint="__('The third measures what the others infer.')"
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
            :hint="__('Codex: 20, heather 23')"
          />
          <x-field
            name="heather_water_max_pct"
            type="number"
            min="14"
            max="25"
            step="0.1"
            :label="__('of heather honey, %')"
            :value="$values['heather_water_max_pct']"
          />
          <x-field
            name="confidence"
            type="number"
            min="50"
            max="99"
            :label="__('How sure, %')"
            :value="$values['confidence']"
          />
        </div>
        <x-field
          name="unit"
          :label="__('Unit of taking')"
          :value="$values['unit']"
          :options="$choose->unitsOfTaking()"
        />
        <h3>{{ __('Otherwise at') }}</h3>
        <ul>
          @forelse ($exceptions as $one)
            <li><a class="link" href="{{ route('yards.yard', $one->slug) }}#policy">{{ $one->name }}</a>:
              {{ $one->words }}</li>
          @empty
            <li>{{ __('no yard; each may be set where it is kept') }}</li>
          @endforelse
        </ul>
      </section>
      <section class="blk narrow">
        <h2>{{ __('Winter and clearing') }}</h2>
        <x-field
          name="winter_school"
          :label="__('What stays for winter')"
          :value="$values['winter_school']"
          :options="$choose->winterSchools()"
        />
        <div class="row">
          <x-field
            name="winter_boxes"
            type="number"
            min="1"
            max="10"
            :label="__('Boxes by hand, brood boxes included')"
            :value="$values['winter_boxes']"
            :hint="__('for the rule of the hand')"
          />
          <x-field
            name="sugar_to_stores"
            type="number"
            min="10"
            max="150"
            :label="__('Stores from fed sugar, %')"
            :value="$values['sugar_to_stores']"
          />
        </div>
        <x-field
          name="winter_confidence"
          type="number"
          min="50"
          max="99.9"
          step="0.1"
          :label="__('Winters to be survived without feeding, %')"
          :value="$values['winter_confidence']"
        />
        <div class="row">
          <x-field
            name="winter_from"
            :label="__('Winter stores count from (month-day)')"
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
        <x-field
          name="clearing"
          :label="__('Clearing')"
          :value="$values['clearing']"
          :options="$choose->clearing()"
        />
        <x-field
          name="off_after_flow_days"
          type="number"
          min="0"
          max="90"
          :label="__('Supers off, days after the flow\'s end')"
          :value="$values['off_after_flow_days']"
          :hint="__('bees eat from them and robbers come; fewer where honey sets in the comb, such as of rape')"
        />
        <x-field
          name="frame_marks"
          :label="__('Marks on frames that are taken')"
          :value="$values['frame_marks']"
          :options="[
              'none' => __('none: hive, super and slot are written on'),
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
            :label="__('Honey in the volume of capped comb, %')"
            :value="$values['fill_capped']"
          />
          <x-field
            name="fill_open"
            type="number"
            step="0.5"
            :label="__('of open comb, %')"
            :value="$values['fill_open']"
          />
        </div>
        <p class="sub">{{ __('Common practice; your own weighings in the honey room say by how much to move it.') }}
        </p>
      </section>
    </div>
    @can('manage')
      <div class="btns blk"><button class="btn go">{{ __('Save as a new version') }}</button>
      </div>
    @endcan
  </x-form>
</x-page>
