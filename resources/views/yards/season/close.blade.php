<section class="blk" id="close">
  <h2>{{ __('Close season :year', ['year' => $page->closing]) }}</h2>
  <h3>{{ __('Still open') }}</h3>
  @if ($page->open === [])
    <p class="empty">{{ __('Nothing is open.') }}</p>
  @else
    <ul>
      @foreach ($page->open as $one)
        <li><a class="link" href="{{ $one->href }}">{{ $one->words }}</a></li>
      @endforeach
    </ul>
  @endif
  @can('manage')
    <x-form :action="route('season.close')">
      <x-hidden :of="['season' => $page->closing]" />
      <h3>{{ __('Supers on the hives') }}</h3>
      @if ($page->supers === [])
        <p class="empty">{{ __('No super is on a hive.') }}</p>
      @else
        <p class="sub">{{ __('Ticked: hardly any honey in it, and winter does not need it.') }}</p>
      @endif
      @foreach ($page->supers as $yard => $supers)
        <fieldset class="choosehives wide">
          <legend>{{ $yard }}</legend>
          @foreach ($supers as $super)
            <x-check name="boxes[]" :value="$super->id" :on="$super->isProposed()">{{ $super->name() }}:
              <span class="soft">{{ $super->holds($f) }}</span></x-check>
          @endforeach
        </fieldset>
      @endforeach
      <div class="row">
        <x-field
          name="store"
          id="store-which"
          :label="__('Into store')"
          value="ticked"
          :options="['ticked' => __('the ticked supers'), 'all' => __('all supers'), 'none' => __('no super')]"
        />
        <x-field
          name="excluders"
          :label="__('Queen excluders')"
          :value="$page->excluders > 0 ? 'out' : 'stay'"
          :options="['out' => __('all come out'), 'stay' => __('stay as they are')]"
          :hint="trans_choice(
              '{0} No hive has one.|{1} :count hive has one.|[2,*] :count hives have one.',
              $page->excluders,
          )"
        />
      </div>
      <p class="caution">
        {{ __('A queen left below an excluder can die in winter: the bees move up and she cannot follow.') }}</p>
      <button class="btn go">{{ __('Close season :year', ['year' => $page->closing]) }}</button>
    </x-form>
  @endcan
</section>
