@php($worth = $state->worthALook())
@php($rest = collect($state->hives)->flatMap(fn ($hive) => array_map(fn ($box) => [$hive, $box], array_reverse($hive->supers())))->reject(fn ($pair) => collect($worth)->contains(fn ($one) => $one[1] === $pair[1])))
    @if ($worth === [])<p class="empty">{{ __('Nothing is in doubt here today.') }}</p>@endif
    @foreach ([[$worth, true], [$rest, false]] as [$pairs, $doubtful])
      @if (! $doubtful && count($pairs) > 0)<details class="astable" @if ($worth === []) open @endif><summary>{{ __('the judged supers') }} ({{ count($pairs) }})</summary>@endif
      @foreach ($pairs as [$hive, $one])
        <div class="lookrow">
          @can('record')<label class="tick"><input type="checkbox" name="boxes[]" value="{{ $one->box->id }}"><span class="sr">{{ __('choose :hive, :box', ['hive' => $hive->hive->code, 'box' => $one->name()]) }}</span></label>@endcan
          <x-mark :glyph="$one->mark()" size="18"/>
          <a href="{{ route('assess.hive', array_filter([$state->apiary->slug, $hive->hive->code, 'box' => $one->box->id, 'slot' => is_int($one->ripeness->lookNext) ? $one->ripeness->lookNext : null])) }}#painter"><b>{{ $hive->hive->code }}</b> {{ $one->name() }}</a>
          <span>{{ App\YardState\Marks::word($one->verdict()) }}@if ($one->decision), <i>{{ $one->decision->choice === 'take' ? __('overruled: off') : __('overruled: stays') }}</i>@elseif ($doubtful && is_int($one->ripeness->lookNext)) {{ __('at frame :n', ['n' => $one->ripeness->lookNext]) }}@elseif ($doubtful) {{ __('by a reading') }}@endif</span>
          <span class="num soft">~{{ $f->percent($one->ripeness->box->cappedShare) }} {{ __('capped') }}</span>
          <span class="num">@if ($doubtful)~{{ $f->kg($one->kgInDoubt()) }} <span class="soft">{{ __('of') }} {{ $f->kg($one->honey->honeyKg) }}</span>@else~{{ $f->kg($one->honey->honeyKg) }}@endif</span>
        </div>
      @endforeach
      @if (! $doubtful && count($pairs) > 0)</details>@endif
    @endforeach
