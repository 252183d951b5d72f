<x-page :title="__('Winter share').': '.$state->apiary->name" stage="winter" :yard="$state->apiary->slug">
  @php($total = array_sum(array_map(fn ($h) => $h->takeKg(), $winters)))
  @php($sugar = array_sum(array_map(fn ($h) => $h->reserve->sugarKg > 0.5 ? $h->reserve->sugarKg : 0, $winters)))
  @php($first = $open ?? (array_values(array_filter($winters, fn ($h) => $h->reserve->sugarKg > 0.5))[0] ?? array_values($winters)[0] ?? null))
  <h1>{{ __(':yard may give ~:kg', ['yard' => $state->apiary->name, 'kg' => $f->kg($total, 0)]) }}</h1>
  <p class="sub">{{ __('Above the mauve line may go, below it stays.') }} @if ($sugar > 0){{ __('To feed: ~:kg of sugar.', ['kg' => $f->kg($sugar, 0)]) }}@endif @if ($state->toLook() > 0){{ trans_choice(':count super not looked at does not count.|:count supers not looked at do not count.', $state->toLook()) }}@endif</p>
  @if ($winters === [])<p class="empty">{{ __('No hive with boxes stands here.') }} <a class="link" href="{{ route('yards.yard', $state->apiary->slug) }}">{{ __('Put one on a stand') }}</a></p>@else
  {!! $picture->svg($state, __('Elevation of :yard with the reserve line', ['yard' => $state->apiary->name]), fn ($hive) => route('winter.hive', [$state->apiary->slug, $hive->hive->code]),
    fn ($hive, $box) => route('winter.hive', [$state->apiary->slug, $hive->hive->code]), null, $first?->state->hive->code, null, fn ($hive) => isset($winters[$hive->hive->code]) ? $winters[$hive->hive->code]->boxesBelow() : null,
    fn ($hive) => isset($winters[$hive->hive->code]) ? $winters[$hive->hive->code]->inOrder() : $hive->boxes) !!}
  <ul class="key"><li><span class="sw"><svg viewBox="0 0 14 12" aria-hidden="true"><rect class="cap" width="14" height="12"/></svg></span>{{ __('stores that stay') }}</li><li><span class="sw"><svg viewBox="0 0 14 12" aria-hidden="true"><path class="mline" d="M0 6h14"/></svg></span>{{ __('need to :day, :p of winters', ['day' => $f->day($winter->firstFlow), 'p' => $f->percent($confidence)]) }}</li>
    <li><span class="sw"><svg viewBox="0 0 14 12" aria-hidden="true"><path class="gap" d="M1 1h12v10h-12z"/></svg></span>{{ __('short') }}</li></ul>
  {!! $chart->svg($winters, $f, $first?->state->hive->code) !!}
  <x-astable><table class="table"><thead><tr><th>{{ __('Hive') }}</th><th class="num">{{ __('Stores that stay') }}</th><th class="num">{{ __('Need') }}</th><th class="num">{{ __('Lasts') }}</th><th class="num">{{ __('May take') }}</th><th class="num">{{ __('Sugar') }}</th></tr></thead><tbody>
    @foreach ($winters as $code => $w)<tr><td><a href="{{ route('winter.hive', [$state->apiary->slug, $code]) }}">{{ $code }}</a></td><td class="num">{{ $w->how === 'measured' ? '' : '~' }}{{ $f->kg($w->reserve->storesKg) }} <span class="soft">{{ $f->kgRange($w->reserve->storesKg, $w->reserve->storesSdKg, 0) }}</span></td>
      <td class="num">{{ $f->kg($w->reserve->needQuantileKg) }}</td><td class="num">{{ $f->percent($w->reserve->pEnough) }}</td><td class="num">~{{ $f->kg($w->takeKg()) }}</td><td class="num">{{ $w->reserve->sugarKg > 0.5 ? '~'.$f->kg($w->reserve->sugarKg) : '0' }}</td></tr>@endforeach</tbody></table></x-astable>
  @endif
  <x-slot:why>
    @if ($first)
    @php($r = $first->reserve) @php($code = $first->state->hive->code)
    <div><p class="lab">{{ __('Why: :hive', ['hive' => $code]) }}</p>
      <h2 class="say"><x-mark :glyph="$r->sugarKg > 0.5 ? 'feed' : (count($first->comingOff()) > 0 ? 'take' : 'leave')" size="22"/>{{ match (true) {
        $r->sugarKg > 0.5 && count($first->comingOff()) > 0 => trans_choice('Take :count super, feed ~:kg of sugar.|Take :count supers, feed ~:kg of sugar.', count($first->comingOff()), ['kg' => $f->kg($r->sugarKg, 0)]),
        $r->sugarKg > 0.5 => __('Feed ~:kg of sugar.', ['kg' => $f->kg($r->sugarKg, 0)]),
        count($first->comingOff()) > 0 => trans_choice('Take :count super; enough stays.|Take :count supers; enough stays.', count($first->comingOff())),
        default => __('All of it stays.') } }}</h2></div>
    <section><dl><dt>{{ __('Stores that stay') }}</dt><dd>{{ $first->how === 'measured' ? '' : '~' }}{{ $f->kg($r->storesKg) }} <span class="rng">{{ $f->kgRange($r->storesKg, $r->storesSdKg) }}</span></dd>
      <dt>{{ __('Need to :day', ['day' => $f->day($winter->firstFlow)]) }}</dt><dd>~{{ $f->kg($r->needMeanKg) }} <span class="rng">{{ __('up to :kg', ['kg' => $f->kg($r->needQuantileKg)]) }}</span></dd>
      <dt>{{ __('Lasts in') }}</dt><dd>~{{ $f->percent($r->pEnough) }} {{ __('of winters') }}</dd>
      @if ($r->shortfallKg > 0.5)<dt>{{ __('Short') }}</dt><dd>~{{ $f->kg($r->shortfallKg) }}</dd><dt>{{ __('Syrup 2:1') }}</dt><dd>~{{ $f->litres($r->syrupL) }}</dd>@else<dt>{{ __('To spare') }}</dt><dd>~{{ $f->kg($r->spareKg) }}</dd>@endif</dl></section>
    <section><h3>{{ __('Facts used') }}</h3><ul class="facts">
      @if ($first->look)<li><span>{{ $f->day($first->look->looked_on) }}</span><span>{{ __(':n frames of bees', ['n' => $first->framesOfBees]) }}</span></li><li><span>{{ $f->day($first->look->looked_on) }}</span><span @class(['pres' => $first->how === 'presumed'])>{{ __('brood boxes :kg, :how', ['kg' => $f->kg($first->broodHoneyKg), 'how' => __($first->how)]) }}</span></li>
      @else<li><span>–</span><i>{{ __(':n frames of bees and :kg in the brood boxes, :how', ['n' => $first->framesOfBees, 'kg' => $f->kg($first->broodHoneyKg), 'how' => __($first->how)]) }}</i></li>@endif
      <li><span>{{ __('climate') }}</span><span>{{ __('winter from :a to :b', ['a' => $f->day($winter->from), 'b' => $f->date($winter->firstFlow)]) }}</span></li></ul></section>
    @can('record')
    <section><h3>{{ __('Supers of :hive', ['hive' => $code]) }}</h3>
      @foreach (array_reverse($first->state->supers()) as $box)<div class="stop"><b>{{ ucfirst($box->name()) }}</b> ~{{ $f->kg($box->honey->honeyKg) }}: {{ $first->stays($box) ? __('stays') : ($box->comesOff() ? __('may go') : __('not ripe, stays where it is')) }}
        @if ($decision = $first->decisions[$box->box->id] ?? null)
          <p class="caution">{{ $decision->choice === 'take' ? __('It goes by decision.') : __('It stays by decision.') }} {{ $decision->note }}</p>
          @can('manage')<x-form :action="route('winter.decisions.destroy', $decision->id)" method="delete" class="inline"><button class="btn small">{{ __('Let the reckoning stand') }} <span class="sr">{{ $box->name() }}</span></button></x-form>@endcan
        @elseif ($first->stays($box))
          <details class="astable" @if ($errors->has('note')) open @endif><summary>{{ __('take it all the same') }}</summary><x-form :action="route('winter.keep', $box->box->id)"><input type="hidden" name="choice" value="take"><x-field :id="'note-'.$box->box->id" name="note" :label="__('Because')" maxlength="500" required/><button class="btn small">{{ __('Take it all the same') }}</button></x-form></details>
        @else<x-form :action="route('winter.keep', $box->box->id)" class="inline" quick><input type="hidden" name="choice" value="stay"><button class="btn small">{{ __('Keep it on') }} <span class="sr">{{ $box->name() }}</span></button></x-form>@endif</div>@endforeach
      @if ($first->state->supers() === [])<p class="sub">{{ __('It has none.') }}</p>@endif</section>
    <section><h3>{{ __('Look again') }}</h3><x-form :action="route('winter.looks.store', $first->state->hive->id)" class="narrow"><div class="row">
      <x-field name="frames_of_bees" type="number" step="0.5" min="1" max="40" :label="__('Frames of bees')" :value="$first->framesOfBees" required/>
      <x-field name="brood_honey" type="number" step="0.1" min="0" :label="__('Honey in the brood boxes, :unit', ['unit' => $f->massUnit()])" :value="round($f->massValue($first->broodHoneyKg), 1)"/></div>
      <x-field name="how" :label="__('How')" value="estimated" :options="['estimated' => __('estimated by eye'), 'measured' => __('weighed')]"/><button class="btn">{{ __('Note it') }}</button></x-form>
      @if ($first->look)@can('manage')<x-form :action="route('winter.looks.destroy', $first->look->id)" method="delete"><button class="link-btn">{{ __('remove the look of :day', ['day' => $f->day($first->look->looked_on)]) }}</button></x-form>@endcan @endif</section>
    @endcan
    @endif
    <p class="caution">{{ __('No feeding while supers for honey are on; beware of robbing. The queen excluder comes out before winter.') }}</p>
  </x-slot:why>
</x-page>
