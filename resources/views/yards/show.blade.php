<x-page :title="__('Yards and kit').': '.$state->apiary->name" stage="yards" :yard="$state->apiary->slug">
  <div class="hd"><h1>{{ $state->apiary->name }}</h1><span class="sub">{{ trans_choice(':count hive|:count hives', count($state->hives)) }}</span></div>
  {!! $picture->svg($state, __('Elevation of :yard', ['yard' => $state->apiary->name]), fn ($hive) => route('yards.hive', [$state->apiary->slug, $hive->hive->code]).'#hive', fn ($hive, $box) => route('yards.hive', [$state->apiary->slug, $hive->hive->code]).'#box-'.$box->box->id, null, $open?->hive->code) !!}
  @if ($open)
  <section class="blk" id="hive"><h2>{{ __('Hive :code', ['code' => $open->hive->code]) }}</h2>
    <div class="cols2"><div>
      <h3>{{ __('Its boxes, from the top') }}</h3>
      @foreach (array_reverse($open->boxes) as $box)
        <div class="stop" id="box-{{ $box->box->id }}"><b>{{ $box->box->mark }}</b> {{ $box->name() }} · <span class="soft">{{ $box->fitted->kind->name }}, {{ __(':n frames fitted', ['n' => $box->fitted->framesFitted]) }}, {{ __('since :day', ['day' => $f->date($box->place->since)]) }}</span>
          @can('record')<div class="btns">
            @foreach (['up' => __('up'), 'down' => __('down')] as $step => $words)<x-form :action="route('yards.boxes.move', $box->box->id)"><input type="hidden" name="hive" value="{{ $open->hive->code }}"><input type="hidden" name="step" value="{{ $step }}"><button class="btn small">{{ $words }} <span class="sr">{{ $box->box->mark }}</span></button></x-form>@endforeach
            <x-form :action="route('yards.boxes.off', $box->box->id)"><button class="btn small">{{ __('take off') }} <span class="sr">{{ $box->box->mark }}</span></button></x-form>
            <x-form :action="route('yards.boxes.move', $box->box->id)" class="row"><div class="field"><label class="sr" for="to-{{ $box->box->id }}">{{ __('To hive') }}</label><input id="to-{{ $box->box->id }}" name="hive" size="6" maxlength="12" placeholder="{{ __('to hive') }}"></div><button class="btn small">{{ __('move') }} <span class="sr">{{ $box->box->mark }}</span></button></x-form></div>@endcan</div>
      @endforeach
      @can('record')
      <h3 class="blk">{{ __('Put a box on') }}</h3>
      <x-form :action="route('yards.boxes.store', $open->hive->id)" class="narrow">
        <div class="row"><x-field name="role" :label="__('As')" value="super" :options="['super' => __('super, on top'), 'brood' => __('brood box')]"/><x-field name="frames_fitted" type="number" min="1" max="30" :label="__('Frames fitted')" :hint="__('empty: all')"/></div>
        <x-field name="kind" :label="__('A new one of kind')" value="langstroth-medium-10" :options="array_map(fn ($k) => $k->name, $kinds)"/>
        <x-field name="box" :label="__('or one from store')" :options="['' => __('none: a new one')] + collect($store)->mapWithKeys(fn ($b) => [$b->id => $b->mark.' '.($kinds[$b->kind]->name ?? $b->kind)])->all()"/>
        <x-field name="since" type="date" :label="__('Since')" :hint="__('empty: today')"/><button class="btn go">{{ __('Put it on') }}</button></x-form>
      @endcan
    </div><div>
      <h3>{{ __('Colony and queen') }}</h3>
      <p>{{ $open->hive->colony?->queen ? $open->hive->colony->queen->code.' ('.__('line :line, :year', ['line' => $open->hive->colony->queen->line, 'year' => $open->hive->colony->queen->year]).')' : __('queen not noted') }}</p>
      <ul class="facts">@foreach ($facts as $fact)<li><span>{{ $f->day($fact->happened_on) }}</span><span>{{ $fact->happened_on->format('Y') }} {{ __($fact->kind) }}@if ($fact->queen) ({{ $fact->queen->code }})@endif {{ $fact->note }} @can('manage')<x-form :action="route('yards.facts.destroy', $fact->id)" method="delete" class="inline"><button class="link-btn">{{ __('remove') }}</button></x-form>@endcan</span></li>@endforeach</ul>
      @can('manage')<details class="astable"><summary>{{ __('New queen') }}</summary><x-form :action="route('yards.queen', $open->hive->id)" method="put" class="narrow">
        <x-field name="queen" :label="__('One already noted')" :options="['' => __('no: a new one')] + collect($queens)->mapWithKeys(fn ($q) => [$q->id => $q->code])->all()"/>
        <div class="row"><x-field name="code" id="q-code" :label="__('Code')" maxlength="30"/><x-field name="line" :label="__('Line')" maxlength="30"/><x-field name="year" type="number" min="2000" max="2100" :label="__('Year')" :value="$summary->season ?? date('Y')"/></div><button class="btn">{{ __('Give her the hive') }}</button></x-form></details>@endcan
      @can('record')<details class="astable"><summary>{{ __('Something happened') }}</summary><x-form :action="route('yards.facts.store', $open->hive->id)" class="narrow">
        <x-field name="kind" id="fact-kind" :label="__('What')" value="swarmed" :options="['swarmed' => __('swarmed'), 'split' => __('split'), 'united' => __('united'), 'died' => __('died'), 'settled' => __('settled')]"/><x-field name="happened_on" type="date" :label="__('When')" required/><x-field name="note" id="fact-note" :label="__('Note')" maxlength="500"/><button class="btn">{{ __('Note it') }}</button></x-form></details>@endcan
      @can('manage')<details class="astable" @if ($errors->has('code') || $errors->has('version')) open @endif><summary>{{ __('The hive itself') }}</summary><x-form :action="route('yards.hives.update', $open->hive->id)" method="put" class="narrow"><input type="hidden" name="version" value="{{ $open->hive->version }}">
        <div class="row"><x-field name="code" :label="__('Code')" :value="$open->hive->code" maxlength="12" required/><x-field name="yard" :label="__('Yard')" :value="$state->apiary->slug" :options="collect($summary->yards ?? [])->pluck('name', 'slug')->all() ?: [$state->apiary->slug => $state->apiary->name]"/></div>
        <label class="check"><input type="checkbox" name="excluder" value="1" @checked($open->hive->excluder)> {{ __('queen excluder in use') }}</label><x-field name="notes" :label="__('Notes')" :value="$open->hive->notes" maxlength="2000"/><button class="btn">{{ __('Save') }}</button></x-form>
        <x-form :action="route('yards.hives.destroy', $open->hive->id)" method="delete"><button class="btn bad">{{ __('Remove the hive, boxes into store') }}</button></x-form></details>@endcan
      <details class="astable"><summary>{{ __('What stood here when') }}</summary><table class="table"><tbody>@foreach ($history as $place)<tr><td>{{ $place->box->mark }}</td><td>{{ __($place->role) }}</td><td>{{ $f->date($place->since) }} – {{ $place->until ? $f->date($place->until) : __('now') }}</td></tr>@endforeach</tbody></table></details>
    </div></div></section>
  @endif
  @include('yards.policy')
  @can('manage')
  <div class="cols2">
    <section class="blk"><h2>{{ __('A hive more') }}</h2><x-form :action="route('yards.hives.store', $state->apiary->slug)" class="narrow">
      <div class="row"><x-field name="code" id="new-code" :label="__('Code')" :hint="__('empty: the next of the yard')" maxlength="12"/><x-field name="brood_boxes" type="number" min="0" max="3" value="1" :label="__('Brood boxes')"/><x-field name="supers" type="number" min="0" max="8" value="1" :label="__('Supers')"/></div>
      <div class="row"><x-field name="brood_kind" :label="__('Brood box')" value="langstroth-deep-10" :options="array_map(fn ($k) => $k->name, $kinds)"/><x-field name="super_kind" :label="__('Super')" value="langstroth-medium-10" :options="array_map(fn ($k) => $k->name, $kinds)"/></div>
      <label class="check"><input type="checkbox" name="excluder" value="1" checked> {{ __('with a queen excluder') }}</label><button class="btn go">{{ __('Put it on a stand') }}</button></x-form></section>
    <section class="blk"><h2>{{ __('Treatment dates, from the label') }}</h2>
      @foreach ($treatments as $treatment)<p>{{ $treatment->what }}: {{ __('supers off by :day', ['day' => $f->date($treatment->supers_off_by)]) }}@if ($treatment->may_return), {{ __('may return :day', ['day' => $f->date($treatment->may_return)]) }}@endif
        <x-form :action="route('yards.treatments.destroy', $treatment->id)" method="delete" class="inline"><button class="link-btn">{{ __('remove') }}</button></x-form></p>@endforeach
      <x-form :action="route('yards.treatments.store', $state->apiary->slug)" class="narrow"><x-field name="what" :label="__('Product and reason')" maxlength="120" required/><div class="row"><x-field name="supers_off_by" type="date" :label="__('Supers off by')" required/><x-field name="may_return" type="date" :label="__('May return from')"/></div><button class="btn">{{ __('Note it') }}</button></x-form>
      <p class="caution">{{ __('The product label and local law decide, not this page.') }}</p></section>
  </div>
  @include('yards.climate')
  <details class="astable" @if ($errors->hasAny(['name', 'climate', 'latitude'])) open @endif><summary>{{ __('The yard itself and its climate') }}</summary>
    <x-form :action="route('yards.update', $state->apiary->slug)" method="put" class="narrow"><input type="hidden" name="version" value="{{ $state->apiary->version }}"><x-field name="name" :label="__('Name')" :value="$state->apiary->name" required/>
      <div class="row"><x-field name="latitude" type="number" step="any" :label="__('Latitude')" :value="$state->apiary->latitude"/><x-field name="longitude" type="number" step="any" :label="__('Longitude')" :value="$state->apiary->longitude"/></div>
      <label class="check"><input type="checkbox" name="heather" value="1" @checked($state->apiary->heather)> {{ __('heather honey') }}</label><x-field name="notes" id="yard-notes" :label="__('Notes')" :value="$state->apiary->notes"/>
      <fieldset><legend>{{ __('Monthly mean temperature, °C') }}</legend><div class="row">@foreach (['Jan', 'Feb', 'Mar', 'Apr', 'May', 'Jun', 'Jul', 'Aug', 'Sep', 'Oct', 'Nov', 'Dec'] as $i => $month)<div class="field"><label for="c{{ $i }}">{{ __($month) }}</label><input id="c{{ $i }}" name="climate[{{ $i }}]" type="number" step="0.1" value="{{ is_scalar(old("climate.$i")) ? old("climate.$i") : ($state->apiary->climate[$i] ?? '') }}"></div>@endforeach</div></fieldset><button class="btn">{{ __('Save the yard') }}</button></x-form>
    <x-form :action="route('yards.destroy', $state->apiary->slug)" method="delete"><button class="btn bad">{{ __('Remove the yard') }}</button></x-form></details>
  @endcan
</x-page>
