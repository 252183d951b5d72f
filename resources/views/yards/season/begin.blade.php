<section class="blk" id="begin">
  <h2>{{ __('Begin season :year', ['year' => $page->now->season]) }}</h2>
  @if ($page->hives === [])
    <p class="empty">{{ __('No hive has a colony.') }} <a class="link"
        href="{{ route('yards.index') }}">{{ __('To the yards') }}</a></p>
  @else
    @can('manage')
      <x-form :action="route('season.begin')">
        <x-hidden :of="['season' => $page->now->season]" />
        <h3>{{ __('Colonies that died in winter') }}</h3>
        @foreach ($page->hives as $yard => $hives)
          <fieldset class="choosehives">
            <legend>{{ $yard }}</legend>
            @foreach ($hives as $hive)
              <x-check name="died[]" :value="$hive->id">{{ $hive->code }}
                <span class="soft">{{ $hive->colony?->queen?->code }}</span></x-check>
            @endforeach
          </fieldset>
        @endforeach
        <div class="row">
          <x-field
            name="queens"
            :label="__('The other queens')"
            value="unsaid"
            :options="['unsaid' => __('not seen yet'), 'same' => __('are the ones noted here')]"
          />
        </div>
        <h3>{{ __('First supers') }}</h3>
        @foreach ($page->hives as $yard => $hives)
          <fieldset class="choosehives">
            <legend>{{ $yard }}</legend>
            @foreach ($hives as $hive)
              <x-check name="hives[]" :value="$hive->id" :on="!$page->hasSuper($hive)">{{ $hive->code }}
                <span class="soft">{{ $page->supersOn($hive) }}</span></x-check>
            @endforeach
          </fieldset>
        @endforeach
        <div class="row">
          <x-field
            name="super_on"
            :label="__('A super on')"
            value="ticked"
            :options="['ticked' => __('the ticked hives'), 'all' => __('all hives'), 'none' => __('no hive yet')]"
          />
          <x-field
            name="kind"
            :label="__('Kind')"
            :value="$page->kind"
            :options="$page->kinds"
          />
          <x-field
            name="put_on"
            :label="__('Condition')"
            :value="$page->hasStore ? 'drawn' : 'empty'"
            :options="['drawn' => __('drawn'), 'empty' => __('foundation')]"
          />
          <x-field
            name="excluder"
            :label="__('Excluder below it')"
            value="yes"
            :options="['yes' => __('yes'), 'no' => __('no')]"
          />
        </div>
        <p class="sub">
          {{ __('Boxes from store are used first, by their marks. New ones are added where none is left.') }}</p>
        <button class="btn go">{{ __('Begin season :year', ['year' => $page->now->season]) }}</button>
      </x-form>
    @endcan
  @endif
</section>
