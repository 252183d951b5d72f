@php($picture = new App\Winter\WhatIfPicture($f))
@php($code = $first->state->hive->code)
@php($reckoned = $keep === $first->reserve->keep || (count($keep) === count($first->reserve->keep) && array_diff($keep, $first->reserve->keep) === []))
<section class="blk whatif" id="whatif"><div class="hd"><h2>{{ __('What if: :hive', ['hive' => $code]) }}</h2><span class="sub">{{ __('drag a super off or back, or tick it') }}</span></div>
  <form method="get" action="{{ route('winter.what-if', [$apiary->slug, $code]) }}" hx-get="{{ route('winter.what-if', [$apiary->slug, $code]) }}" hx-trigger="change" hx-target="#whatif" hx-swap="outerHTML" hx-push-url="false">
    <input type="hidden" name="keep[]" value="-">
    <div class="stack" data-stack>
      @foreach (array_reverse($first->state->boxes) as $box)
        @php($stays = in_array($box->box->id, $keep, true))
        <div @class(['stackbox', 'off' => ! $stays]) @if ($box->isSuper()) data-super @endif>{!! $picture->box($first, $box) !!}
          @if ($box->isSuper())<label class="check"><input type="checkbox" name="keep[]" value="{{ $box->box->id }}" @checked($stays)> {{ ucfirst($box->name()) }} {{ __('stays') }} <span class="soft">~{{ $f->kg($box->honey->honeyKg) }}@if (! $box->verdict()->comesOff()), {{ __('not ripe') }}@endif</span></label>
          @else<span class="soft">{{ $box->name() }}</span>@endif</div>
      @endforeach
    </div>
    <div class="figures"><p class="big">{{ $f->percent($whatIf->pEnough) }}</p><p class="sub">{{ __('of winters it lasts') }}@if (! $reckoned) · {{ __('reckoned: :p', ['p' => $f->percent($first->reserve->pEnough)]) }}@endif</p>
      {!! $picture->scale($whatIf) !!}
      <dl class="two"><dt>{{ __('Stores that stay') }}</dt><dd>~{{ $f->kg($whatIf->storesKg) }} <span class="rng">{{ $f->kgRange($whatIf->storesKg, $whatIf->storesSdKg) }}</span></dd><dt>{{ __('Need') }}</dt><dd>~{{ $f->kg($whatIf->needMeanKg) }} <span class="rng">{{ __('up to :kg', ['kg' => $f->kg($whatIf->needQuantileKg)]) }}</span></dd>
        @if ($whatIf->shortfallKg > 0.05)<dt>{{ __('Sugar') }}</dt><dd>~{{ $f->kg($whatIf->sugarKg) }}, {{ $f->litres($whatIf->syrupL) }} {{ __('of syrup 2:1') }}</dd>@else<dt>{{ __('To spare') }}</dt><dd>~{{ $f->kg($whatIf->spareKg) }}</dd>@endif</dl>
      <button class="btn small" data-reckon>{{ __('Reckon') }}</button> @if (! $reckoned)<a class="btn small" href="{{ route('winter.hive', [$apiary->slug, $code]) }}">{{ __('As reckoned again') }}</a>@endif</div>
  </form>
  <h3>{{ __('The schools side by side') }}</h3>
  <div class="scroll"><table class="table"><thead><tr><th>{{ __('School') }}</th><th class="num">{{ __('Boxes') }}</th><th class="num">{{ __('Stores') }}</th><th class="num">{{ __('Lasts') }}</th><th class="num">{{ __('Taken') }}</th><th class="num">{{ __('Sugar') }}</th></tr></thead><tbody>
    @foreach ($schools as $key => $one)<tr @class(['on' => $key === $policy->text('winter_school')])><td>{{ App\Winter\WinterLabels::schools()[$key] }}@if ($key === $policy->text('winter_school')) <b>({{ __('yours') }})</b>@endif</td><td class="num">{{ count($one->keep) }}</td><td class="num">~{{ $f->kg($one->storesKg) }}</td><td class="num">{{ $f->percent($one->pEnough) }}</td>
      <td class="num">~{{ $f->kg(array_sum(array_map(fn ($box) => in_array($box->id, $one->mayTake, true) ? $box->honeyKg : 0, $first->boxes))) }}</td><td class="num">{{ $one->sugarKg > 0.05 ? '~'.$f->kg($one->sugarKg) : '–' }}</td></tr>@endforeach</tbody></table></div>
</section>
