<x-page :title="__('Round').': '.$plan->apiary->name" stage="clear" :yard="$plan->apiary->slug">
  @php($boards = $plan->method === 'escape-board')
  @php($byHive = $plan->items->groupBy(fn ($i) => $i->hive->code)->sortKeys(SORT_NATURAL))
  <div class="hd"><h1><x-mark :glyph="App\Wording\MethodNames::glyph($plan->method)" size="26"/>{{ $plan->apiary->name }}: {{ App\Wording\MethodNames::word($plan->method) }}</h1><span class="sub">{{ __($plan->state) }}</span></div>
  <p class="sub">{{ $boards ? __('Boards on :a, supers in on :b.', ['a' => $f->weekday($plan->first_on), 'b' => $f->weekday($plan->second_on ?? $plan->first_on)]) : __('Supers in on :a.', ['a' => $f->weekday($plan->first_on)]) }} {{ trans_choice(':count super|:count supers', $plan->items->count()) }}, {{ $f->minutes($plan->person_minutes) }}, {{ trans_choice(':count person|:count people', $crew) }}</p>
  <p class="noprint"><a class="link" href="{{ route('clear.day', $plan->first_on->format('Y-m-d')) }}">{{ __('The whole day\'s sheet, :day', ['day' => $f->weekday($plan->first_on)]) }}</a>@if ($plan->second_on) · <a class="link" href="{{ route('clear.day', $plan->second_on->format('Y-m-d')) }}">{{ $f->weekday($plan->second_on) }}</a>@endif</p>
  <div class="cols2">
    <section class="blk"><h2>{{ __('Hive by hive') }}</h2>
      @foreach ($byHive as $code => $items)<div class="stop"><b>{{ $code }}</b>
        @foreach ($items as $item)@php($box = ($yard->hives[$code] ?? null)?->box($item->box_id)) @php($lift = $lifts[$item->box_id] ?? null)
          <div>{{ $item->box->mark }}@if ($box), {{ $box->name() }}, ~{{ $f->kg($box->honey->grossKg, 0) }}@if ($lift), {{ __('index') }} {{ is_finite($lift->index) ? number_format($lift->index, 1) : '∞' }}: {{ __($lift->advice()->value) }}@endif @endif
            @can('record')@if ($plan->state !== 'collected')<div class="btns noprint">
              @foreach ($boards ? ['placed' => __('board on'), 'collected' => __('on the truck')] : ['collected' => __('on the truck')] as $what => $words)@php($done = $item->{$what.'_at'} !== null)
                <x-form :action="route('clear.tick', $item->id)" method="put" quick><input type="hidden" name="what" value="{{ $what }}"><input type="hidden" name="done" value="{{ $done ? 0 : 1 }}"><button id="tick-{{ $what }}-{{ $item->id }}" class="btn small" aria-pressed="{{ $done ? 'true' : 'false' }}">{{ $done ? '✓ ' : '' }}{{ $words }} <span class="sr">{{ $item->box->mark }}</span></button></x-form>@endforeach</div>@endif @endcan</div>@endforeach</div>@endforeach
      @can('record')<div class="btns blk noprint">
        @if ($boards && $plan->state === 'planned')<x-form :action="route('clear.placed', $plan->id)" method="put"><button class="btn go">{{ __('All boards are on') }}</button></x-form>@endif
        @if ($plan->state !== 'collected')<x-form :action="route('clear.collected', $plan->id)" method="put"><button class="btn {{ $boards && $plan->state === 'planned' ? '' : 'go' }}">{{ __('All supers are in the honey room') }}</button></x-form>@endif
        @can('manage')@if ($plan->state !== 'collected')<x-form :action="route('clear.plans.destroy', $plan->id)" method="delete"><button class="btn bad">{{ __('Drop the plan') }}</button></x-form>@endif @endcan</div>@endcan
    </section>
    <section class="blk"><h2>{{ __('To load') }}</h2>
      <ul class="load loadday">@foreach ($load as [$count, $words])<li><span class="n">{{ $count }}</span><span>{{ $words }}</span></li>@endforeach</ul>
      <p class="noprint">{{ __('It is ticked off on the day\'s sheet, with what the other stops want.') }}</p>
      @if (max([0, ...array_map(fn ($i) => is_finite($lifts[$i->box_id]->index ?? 0) ? $lifts[$i->box_id]->index ?? 0 : 9, $plan->items->all())]) > 1)<p class="caution">{{ __('Some of these boxes are beyond what one person should lift: two people, or the tilting stand.') }}</p>@endif
    </section>
  </div>
  <x-slot:why><div><p class="lab">{{ __('Why') }}</p><h2 class="say">{{ __($plan->frozen['reason'] ?? '') }}</h2></div>
    @foreach ($plan->frozen['cautions'] ?? [] as $caution)<p class="caution">{{ __($caution) }}</p>@endforeach
    <section><h3>{{ __('After') }}</h3><p>{{ __('Give the bees below space, or reduce them to their winter boxes. Wet supers go back to the hives they came from. The excluder comes out before winter.') }}</p></section></x-slot:why>
</x-page>
