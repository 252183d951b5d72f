<x-page :title="__('The day').' '.$day->format('Y-m-d')" stage="clear">
  @php($date = $day->format('Y-m-d'))
  <div class="hd"><h1>{{ $f->weekday($day) }}</h1><span class="sub noprint"><a href="{{ route('clear.day', $day->modify('-1 day')->format('Y-m-d')) }}">{{ __('day before') }}</a> · <a href="{{ route('clear.day', $day->modify('+1 day')->format('Y-m-d')) }}">{{ __('day after') }}</a></span></div>
  @if ($stops === [])<p class="empty">{{ __('No visit is planned for this day.') }} <a class="link" href="{{ route('clear.rounds.index') }}">{{ __('Plan the rounds') }}</a></p>@else
  <p class="sub">{{ trans_choice('{1} :count stop|[2,*] :count stops', count($stops)) }}, {{ __(':m of driving before the way home', ['m' => $f->minutes(array_sum(array_map(fn ($stop) => $stop->driveMin, $stops)))]) }} <button type="button" class="btn small noprint" data-print>{{ __('Print') }}</button></p>
  <section class="blk"><h2>{{ __('To load') }}</h2><ul class="load">
    @foreach ($load as $thing => [$count, $words])@php($done = in_array($thing, $ticked, true))<li><span class="paper" aria-hidden="true">☐</span><span class="n">{{ $count }}</span><span>{{ $words }} @can('record')<x-form :action="route('clear.day.load', $date)" method="put" class="inline noprint" quick><input type="hidden" name="thing" value="{{ $thing }}"><input type="hidden" name="done" value="{{ $done ? 0 : 1 }}"><button id="load-{{ $thing }}" class="btn small" aria-pressed="{{ $done ? 'true' : 'false' }}">{{ $done ? '✓ ' : '' }}{{ __('loaded') }}<span class="sr">: {{ $words }}</span></button></x-form>@endcan</span></li>@endforeach</ul></section>
  @foreach ($stops as $n => $stop)
    <section class="blk"><div class="hd"><h2>{{ $n + 1 }}. {{ $stop->plan->apiary->name }}: {{ $stop->places ? __('boards on') : __('supers in') }}@if ($stop->done()) ✓@endif</h2><span class="sub">{{ __(':m drive', ['m' => $f->minutes($stop->driveMin)]) }} · <a href="{{ route('clear.plan', $stop->plan->id) }}">{{ App\Clear\Methods::word($stop->plan->method) }}</a></span></div>
      @if ($stop->places)<p>{{ __('Each board right side up, under the supers that come off and above all that stays; tape every gap and upper entrance.') }}</p>@endif
      @if ($stop->belowMin > 0)<p class="caution">{{ __('First move below what stays (:n min): only what stands above a board is cleared.', ['n' => $stop->belowMin]) }}</p>@endif
      @foreach ($stop->byHive as $code => $items)<div class="stop"><b>{{ $code }}</b>
        @foreach ($stop->below[$code] ?? [] as $box)<div>↓ {{ __('below first: :box, ~:kg', ['box' => $box->name(), 'kg' => $f->kg($box->honey->grossKg, 0)]) }}</div>@endforeach
        @foreach ($items as $item)@php($box = $stop->box((string) $code, $item->box_id))@php($lift = $stop->lifts[$item->box_id] ?? null)@php($what = $stop->places ? 'placed' : 'collected')@php($done = $item->{$what.'_at'} !== null)
          <div><span class="paper" aria-hidden="true">☐</span> {{ $item->box->mark }}@if ($box), {{ $box->name() }}@if (! $stop->places), ~{{ $f->kg($box->honey->grossKg, 0) }}@if ($lift && $lift->index > 1): {{ __($lift->advice()->value) }}@endif @endif @endif
            @can('record')@if ($stop->plan->state !== 'collected')<x-form :action="route('clear.tick', $item->id)" method="put" class="inline noprint" quick><input type="hidden" name="back" value="{{ $date }}"><input type="hidden" name="what" value="{{ $what }}"><input type="hidden" name="done" value="{{ $done ? 0 : 1 }}"><button id="tick-{{ $item->id }}" class="btn small" aria-pressed="{{ $done ? 'true' : 'false' }}">{{ $done ? '✓ ' : '' }}{{ $stop->places ? __('board on') : __('on the truck') }}<span class="sr"> {{ $item->box->mark }}</span></button></x-form>@endif @endcan</div>@endforeach
        @if (! $stop->places)<div class="soft">{{ __('leave an empty super or a rim for the bees below') }}</div>@endif</div>@endforeach
    </section>
  @endforeach @endif
  <x-slot:why><p class="lab">{{ __('On the day') }}</p><h2 class="say">{{ __('Cool of the morning or evening; cover each super at once.') }}</h2>
    <p class="caution">{{ __('Heavy boxes: two people or a tilting stand. Smoker and dry grass: water at hand. Carry what your doctor prescribed; do not work alone.') }}</p><p class="caution">{{ __('Repellents as their label says; ears and eyes by a blower. Robbing once begun is hard to stop.') }}</p></x-slot:why>
</x-page>
