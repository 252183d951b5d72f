@php($worth = $state->worthALook())
@php($rest = collect($state->hives)->flatMap(fn ($hive) => array_map(fn ($box) => [$hive, $box], array_reverse($hive->supers())))->reject(fn ($pair) => collect($worth)->contains(fn ($one) => $one[1] === $pair[1])))
<section class="blk today" id="today"><div class="hd"><h2>{{ __('To look at today') }}</h2><span class="sub">{{ __('most honey in doubt first') }}</span></div>
  @can('record')<form method="post" action="{{ route('assess.bulk', $state->apiary->slug) }}">@csrf<x-key/>@endcan
    @if ($worth === [])<p class="empty">{{ __('Nothing is in doubt here today.') }}</p>@endif
    @foreach ([[$worth, true], [$rest, false]] as [$pairs, $doubtful])
      @if (! $doubtful && count($pairs) > 0)<details class="astable" @if ($worth === [] || $errors->any()) open @endif><summary>{{ __('the judged supers') }} ({{ count($pairs) }})</summary>@endif
      @foreach ($pairs as [$hive, $one])
        <div class="lookrow">
          @can('record')<label class="tick"><input type="checkbox" name="boxes[]" value="{{ $one->box->id }}" @checked(in_array($one->box->id, (array) old('boxes', []), true))><span class="sr">{{ __('choose :hive, :box', ['hive' => $hive->hive->code, 'box' => $one->name()]) }}</span></label>@endcan
          <x-mark :glyph="$one->mark()" size="18"/>
          <a href="{{ route('assess.hive', array_filter([$state->apiary->slug, $hive->hive->code, 'box' => $one->box->id, 'slot' => is_int($one->ripeness->lookNext) ? $one->ripeness->lookNext : null])) }}#painter"><b>{{ $hive->hive->code }}</b> {{ $one->name() }}</a>
          <span>{{ App\Assess\Marks::word($one->verdict()) }}@if ($one->decision), <i>{{ $one->decision->choice === 'take' ? __('overruled: off') : __('overruled: stays') }}</i>@elseif ($doubtful && is_int($one->ripeness->lookNext)) {{ __('at frame :n', ['n' => $one->ripeness->lookNext]) }}@elseif ($doubtful) {{ __('by a reading') }}@endif</span>
          <span class="num soft">~{{ $f->percent($one->ripeness->box->cappedShare) }} {{ __('capped') }}</span>
          <span class="num">@if ($doubtful)~{{ $f->kg($one->kgInDoubt()) }} <span class="soft">{{ __('of') }} {{ $f->kg($one->honey->honeyKg) }}</span>@else~{{ $f->kg($one->honey->honeyKg) }}@endif</span>
        </div>
      @endforeach
      @if (! $doubtful && count($pairs) > 0)</details>@endif
    @endforeach
    @can('record')
      <div class="row bulk"><x-field name="choice" :label="__('The chosen supers')" :options="['take' => __('come off'), 'stay' => __('stay on their hives')] + (Illuminate\Support\Facades\Gate::check('manage') ? ['verdict' => __('go by their verdict again')] : [])"/>
        <x-field name="note" :label="__('Because')" maxlength="500" :hint="__('stays with each record')"/><button class="btn">{{ __('Decide for all chosen') }}</button></div>
      @error('boxes')<p class="err danger">{{ $message }}</p>@enderror
    @endcan
  @can('record')</form>@endcan</section>
