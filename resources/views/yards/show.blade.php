@php($apiary = $page->apiary)
@php($open = $page->open)
<x-page :title="__('Yards and kit') . ': ' . $apiary->name" stage="yards" :yard="$apiary->slug">
  <x-slot:head>
    <script src="/build/stack.js?{{ $assetVersion }}" type="module" nonce="{{ $nonce }}"></script>
  </x-slot:head>
  <div class="hd">
    <h1>{{ $apiary->name }}</h1>
    <span class="sub">{{ trans_choice(':count hive|:count hives', count($page->picture->hives)) }}</span>
  </div>
  @include('yards.work')
  @if ($open)
    @include('yards.hive')
  @endif
  @can('manage')
    @include('yards.chosen')
  @endcan
  @include('yards.policy')
  @can('manage')
    <div class="cols2">
      <section class="blk">
        <h2>{{ __('Add a hive') }}</h2>
        <x-form :action="route('yards.hives.store', $apiary->slug)" class="narrow">
          <x-field
            name="code"
            id="new-code"
            :label="__('Code')"
            :hint="__('empty: the next code')"
            maxlength="12"
          />
          <fieldset>
            <legend>{{ __('How many boxes') }}</legend>
            <div class="row">
              <x-field
                name="brood_boxes"
                type="number"
                min="0"
                max="3"
                value="1"
                :label="__('Brood boxes')"
              />
              <x-field
                name="supers"
                type="number"
                min="0"
                max="8"
                value="1"
                :label="__('Supers')"
              />
            </div>
          </fieldset>
          <fieldset>
            <legend>{{ __('Of which kind') }}</legend>
            <div class="row">
              <x-field
                name="brood_kind"
                :label="__('Brood box')"
                value="langstroth-deep-10"
                :options="$page->kindNames()"
              />
              <x-field
                name="super_kind"
                :label="__('Super')"
                value="langstroth-medium-10"
                :options="$page->kindNames()"
              />
            </div>
          </fieldset>
          <label class="check">
            <input
              type="checkbox"
              name="excluder"
              value="1"
              checked
            > {{ __('with a queen excluder') }}</label>
          <button class="btn go">{{ __('Add the hive') }}</button>
        </x-form>
      </section>
      <section class="blk">
        <h2>{{ __('Treatment dates, from the label') }}</h2>
        @foreach ($page->treatments as $treatment)
          <p>
            {{ $treatment->what }}: {{ __('supers off by :day', ['day' => $f->date($treatment->supers_off_by)]) }}
            @if ($treatment->may_return)
              · {{ __('may return :day', ['day' => $f->date($treatment->may_return)]) }}
            @endif
            <x-remove :action="route('yards.treatments.destroy', $treatment->id)" />
          </p>
        @endforeach
        <x-form :action="route('yards.treatments.store', $apiary->slug)" class="narrow">
          <x-field
            name="what"
            :label="__('Product and reason')"
            maxlength="120"
            required
          />
          <div class="row">
            <x-field
              name="supers_off_by"
              type="date"
              :label="__('Supers off by')"
              required
            />
            <x-field name="may_return" type="date" :label="__('May return from')" />
          </div>
          <button class="btn">{{ __('Save the date') }}</button>
        </x-form>
        <p class="caution">{{ __('Follow the product label and local law, not this page.') }}</p>
      </section>
    </div>
    @include('yards.climate')
    <details class="astable" @if ($errors->hasAny(['name', 'climate', 'latitude', 'place'])) open @endif>
      <summary>{{ __('The yard itself and its climate') }}</summary>
      <x-form :action="route('yards.update', $apiary->slug)" method="put" class="narrow">
        <x-hidden :of="['version' => $apiary->version]" />
        <x-field
          name="name"
          :label="__('Name')"
          :value="$apiary->name"
          required
        />
        <x-place
          id="yard"
          :label="__('A town near it')"
          :latitude="$apiary->latitude"
          :longitude="$apiary->longitude"
        />
        <label class="check">
          <input
            type="checkbox"
            name="heather"
            value="1"
            @checked($apiary->heather)
          > {{ __('heather honey') }}</label>
        <x-field
          name="notes"
          id="yard-notes"
          :label="__('Notes')"
          :value="$apiary->notes"
        />
        <fieldset>
          <legend>{{ __('Monthly mean temperature, :unit', ['unit' => $f->temperatureUnit()]) }}</legend>
          <div class="row">
            @foreach ($choose->months() as $i => $month)
              <div class="field"><label for="c{{ $i }}">{{ $month }}</label>
                <input
                  id="c{{ $i }}"
                  name="climate[{{ $i }}]"
                  type="number"
                  step="0.1"
                  value="{{ is_scalar(old("climate.$i")) ? old("climate.$i") : $page->monthly($i, $f) }}"
                >
              </div>
            @endforeach
          </div>
        </fieldset>
        <button class="btn">{{ __('Save the yard') }}</button>
      </x-form>
      <x-form :action="route('yards.destroy', $apiary->slug)" method="delete">
        <button class="btn bad">{{ __('Remove the yard') }}</button>
      </x-form>
    </details>
  @endcan
</x-page>
