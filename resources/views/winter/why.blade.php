    @php($r = $first->reserve) @php($code = $first->state->hive->code)
    <div><p class="lab">{{ __('Why: :hive', ['hive' => $code]) }}</p>
      <h2 class="say"><x-mark :glyph="$r->sugarKg > 0.5 ? 'feed' : (count($first->comingOff()) > 0 ? 'take' : 'leave')" size="22"/>{{ match (true) {
        $r->sugarKg > 0.5 && count($first->comingOff()) > 0 => trans_choice('Take :count super, feed ~:kg of sugar.|Take :count supers, feed ~:kg of sugar.', count($first->comingOff()), ['kg' => $f->kg($r->sugarKg, 0)]),
        $r->sugarKg > 0.5 => __('Feed ~:kg of sugar.', ['kg' => $f->kg($r->sugarKg, 0)]),
        count($first->comingOff()) > 0 => trans_choice('Take :count super; enough stays.|Take :count supers; enough stays.', count($first->comingOff())),
        default => __('All of it stays.') } }}</h2></div>
    <section><dl><dt>{{ __('Stores that stay') }}</dt><dd>{{ $first->stores->how === 'measured' ? '' : '~' }}{{ $f->kg($r->storesKg) }} <span class="rng">{{ $f->kgRange($r->storesKg, $r->storesSdKg) }}</span></dd>
      <dt>{{ __('Need to :day', ['day' => $f->day($season->whole->firstFlow)]) }}</dt><dd>~{{ $f->kg($r->needMeanKg) }} <span class="rng">{{ __('up to :kg', ['kg' => $f->kg($r->needQuantileKg)]) }}</span></dd>
      <dt>{{ __('Lasts in') }}</dt><dd>~{{ $f->percent($r->pEnough) }} {{ __('of winters') }}</dd>
      @if ($r->shortfallKg > 0.5)<dt>{{ __('Short') }}</dt><dd>~{{ $f->kg($r->shortfallKg) }}</dd><dt>{{ __('Syrup 2:1') }}</dt><dd>~{{ $f->litres($r->syrupL) }}</dd>@else<dt>{{ __('To spare') }}</dt><dd>~{{ $f->kg($r->spareKg) }}</dd>@endif</dl></section>
    <section><h3>{{ __('Facts used') }}</h3><ul class="facts">
      @if ($first->stores->seenOn)<li><span>{{ $f->day($first->stores->seenOn) }}</span><span>{{ __(':n frames of bees', ['n' => $first->stores->framesOfBees]) }}</span></li><li><span>{{ $f->day($first->stores->seenOn) }}</span><span @class(['pres' => $first->stores->how === 'presumed'])>{{ __('brood boxes :kg today, :how', ['kg' => $f->kg($first->stores->kg), 'how' => __($first->stores->how)]) }} <span class="rng">{{ $f->kgRange($first->stores->kg, $first->stores->sdKg) }}</span></span></li>
      @if ($first->stores->fedKg > 0.05)<li><span>{{ __('since') }}</span><span>{{ __(':kg of stores fed', ['kg' => $f->kg($first->stores->fedKg)]) }}</span></li>@endif
      @if ($first->stores->usedKg > 0.05)<li><span>{{ __('since') }}</span><i>{{ __('~:kg used, reckoned', ['kg' => $f->kg($first->stores->usedKg)]) }}</i></li>@endif
      @else<li><span>–</span><i>{{ __(':n frames of bees and :kg in the brood boxes, :how', ['n' => $first->stores->framesOfBees, 'kg' => $f->kg($first->stores->kg), 'how' => __($first->stores->how)]) }}</i></li>@endif
      @if (abs($first->factor - 1.0) > 0.005)<li><span>{{ __('use') }}</span><span>{{ __(':n times the usual, from weighings', ['n' => number_format($first->factor, 2)]) }}</span></li>@endif
      <li><span>{{ __('climate') }}</span><span>{{ $apiary->climate_source ? __(Marjoram\Core\Reserve\Climate::presets()[$apiary->climate_source]->name ?? $apiary->climate_source).'; ' : '' }}{{ __('winter from :a to :b', ['a' => $f->day($season->whole->from), 'b' => $f->date($season->whole->firstFlow)]) }}</span></li></ul></section>
    @can('record')
    <section><h3>{{ __('Supers of :hive', ['hive' => $code]) }}</h3>
      @foreach (array_reverse($first->state->supers()) as $box)<div class="stop"><b>{{ ucfirst($box->name()) }}</b> ~{{ $f->kg($box->honey->honeyKg) }}: {{ $first->stays($box) ? __('stays') : ($box->comesOff() ? __('may go') : __('not ripe, stays where it is')) }}
        @if ($decision = $first->record->decisions[$box->box->id] ?? null)
          <p class="caution">{{ $decision->choice === 'take' ? __('It goes by decision.') : __('It stays by decision.') }} {{ $decision->note }}</p>
          @can('manage')<x-form :action="route('winter.decisions.destroy', $decision->id)" method="delete" class="inline"><button class="btn small">{{ __('Let the reckoning stand') }} <span class="sr">{{ $box->name() }}</span></button></x-form>@endcan
        @elseif ($first->stays($box))
          <details class="astable" @if ($errors->has('note')) open @endif><summary>{{ __('take it all the same') }}</summary><x-form :action="route('winter.keep', $box->box->id)"><input type="hidden" name="choice" value="take"><x-field :id="'note-'.$box->box->id" name="note" :label="__('Because')" maxlength="500" required/><button class="btn small">{{ __('Take it all the same') }}</button></x-form></details>
        @else<x-form :action="route('winter.keep', $box->box->id)" class="inline" quick><input type="hidden" name="choice" value="stay"><button class="btn small">{{ __('Keep it on') }} <span class="sr">{{ $box->name() }}</span></button></x-form>@endif</div>@endforeach
      @if ($first->state->supers() === [])<p class="sub">{{ __('It has none.') }}</p>@endif</section>
    <section><h3>{{ __('Look again') }}</h3><x-form :action="route('winter.looks.store', $first->state->hive->id)" class="narrow"><div class="row">
      <x-field name="frames_of_bees" type="number" step="0.5" min="1" max="40" :label="__('Frames of bees')" :value="$first->stores->framesOfBees" required/>
      <x-field name="brood_honey" type="number" step="0.1" min="0" :label="__('Honey in the brood boxes, :unit', ['unit' => $f->massUnit()])" :value="round($f->massValue($first->stores->kg), 1)"/></div>
      <x-field name="how" :label="__('How')" value="estimated" :options="['estimated' => __('estimated by eye'), 'measured' => __('weighed')]"/><button class="btn">{{ __('Note it') }}</button></x-form>
      @if ($first->record->look)@can('manage')<x-form :action="route('winter.looks.destroy', $first->record->look->id)" method="delete"><button class="link-btn">{{ __('remove the look of :day', ['day' => $f->day($first->record->look->looked_on)]) }}</button></x-form>@endcan @endif</section>
    @endcan
