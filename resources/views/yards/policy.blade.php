<section class="blk" id="policy">
  <h2>{{ __('Policy here') }}</h2>
  <p>{{ $page->policy->words() }}</p>
  @foreach ($apiary->harvestPolicies as $harvest)
    <p><b>{{ $harvest->name }}</b>, {{ $f->date($harvest->starts_on) }} –
      {{ $f->date($harvest->ends_on) }}{{ $harvest->heather ? ', ' . __('heather') : '' }}:
      {{ $page->policyOf($harvest) }}
      @can('manage')
        <x-remove :action="route('yards.harvests.destroy', $harvest->id)" :of="$harvest->name" />
      @endcan
    </p>
  @endforeach
  @can('manage')
    <div class="cols2">
      @php($isWrong = $errors->hasAny(['school', 'capped_min', 'water_max_pct', 'confidence']) && !old('starts_on'))
      <details class="astable" @if ($isWrong) open @endif>
        <summary>{{ __('different from other yards') }}</summary>
        <x-form :action="route('yards.policy', $apiary->slug)" method="put" class="narrow">
          <x-overrides :given="$page->overrides()" prefix="yard" />
          <button class="btn">{{ __('Save the policy') }}</button>
        </x-form>
      </details>
      <details class="astable" @if ($errors->hasAny(['starts_on', 'ends_on'])) open @endif>
        <summary>{{ __('a harvest with its own policy') }}</summary>
        <x-form :action="route('yards.harvests.store', $apiary->slug)" class="narrow">
          <x-field
            name="name"
            id="hp-name"
            :label="__('Name')"
            :hint="__('such as spring, lime, heather')"
            maxlength="60"
            required
          />
          <div class="row">
            <x-field
              name="starts_on"
              type="date"
              :label="__('From')"
              required
            />
            <x-field
              name="ends_on"
              type="date"
              :label="__('To')"
              required
            />
          </div>
          <label class="check">
            <input type="checkbox" name="heather" value="1">
            {{ __('heather honey (standards allow 23 % of water)') }}</label>
          <x-overrides prefix="hp" />
          <button class="btn">{{ __('Save the harvest') }}</button>
        </x-form>
      </details>
    </div>
  @endcan
</section>
