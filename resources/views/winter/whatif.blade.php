@php($hive = $whatIf->winter->state)
@php($result = $whatIf->result)
<section class="blk whatif" id="whatif">
  <div class="hd">
    <h2>{{ __('What if: :hive', ['hive' => $hive->code]) }}</h2>
    <span class="sub">{{ __('drag a super off or back, or tick it') }}</span>
  </div>
  <form
    method="get"
    action="{{ route('winter.what-if', [$apiary->slug, $hive->code]) }}"
    hx-get="{{ route('winter.what-if', [$apiary->slug, $hive->code]) }}"
    hx-trigger="change"
    hx-target="#whatif"
    hx-swap="outerHTML"
    hx-push-url="false"
  >
    <x-hidden :of="['keep[]' => '-']" />
    <div class="stack" data-stack>
      @foreach ($hive->fromTheTop() as $box)
        <div @class(['stackbox', 'off' => !$whatIf->stays($box)]) @if ($box->isSuper()) data-super @endif>
          <x-drawing.picture :of="$picture->box($hive, $box)" />
          @if ($box->isSuper())
            <label class="check">
              <input
                type="checkbox"
                name="keep[]"
                value="{{ $box->id }}"
                @checked($whatIf->stays($box))
              />
              {{ ucfirst($box->name()) }} {{ __('stays') }}
              <span class="soft">
                ~{{ $f->kg($box->honey->kg) }}{{ $whatIf->ripeness($box) }}
              </span>
            </label>
          @else
            <span class="soft">{{ $box->name() }}</span>
          @endif
        </div>
      @endforeach
    </div>
    <div class="figures">
      <p class="big">{{ $whatIf->winter->isKnown() ? $f->percent($result->pEnough) : '?' }}</p>
      <p class="sub">
        {{ $whatIf->winter->isKnown() ? __('of winters the stores last') : __('not inspected: the estimate is only a guess') }}
        @if (!$whatIf->isAsCalculated())
          · {{ __('calculated: :p', ['p' => $f->percent($whatIf->winter->reserve->pEnough)]) }}
        @endif
      </p>
      <x-drawing.wide :of="$picture->scale($result)" />
      <dl class="two">
        <dt>{{ __('Stores that stay') }}</dt>
        <dd>
          ~{{ $f->kg($result->storesKg) }}
          <span class="rng">{{ $f->kgRange($result->storesKg, $result->storesSdKg) }}</span>
        </dd>
        <dt>{{ __('Needed') }}</dt>
        <dd>
          ~{{ $f->kg($result->needMeanKg) }}
          <span class="rng">{{ __('up to :kg', ['kg' => $f->kg($result->needQuantileKg)]) }}</span>
        </dd>
        @if ($result->shortfallKg > 0.05)
          <dt>{{ __('Sugar') }}</dt>
          <dd>~{{ $f->kg($result->sugarKg) }}, {{ $f->litres($result->syrupL) }} {{ __('of syrup 2:1') }}</dd>
        @else
          <dt>{{ __('More than needed') }}</dt>
          <dd>~{{ $f->kg($result->spareKg) }}</dd>
        @endif
      </dl>
      <button class="btn small" data-calculate>{{ __('Calculate') }}</button>
      @if (!$whatIf->isAsCalculated())
        <a class="btn small"
          href="{{ route('winter.hive', [$apiary->slug, $hive->code]) }}">{{ __('Back to the calculation') }}</a>
      @endif
    </div>
  </form>
  <h3>{{ __('Compare the rules') }}</h3>
  <x-scroll :label="__('Compare the rules')">
    <x-table :head="[__('Rule'), __('Boxes'), __('Stores'), __('Lasts'), __('Taken'), __('Sugar')]" num="2 3 4 5 6">
      @foreach ($whatIf->schools as $row)
        <tr @class(['on' => $row->isYours])>
          <td>
            {{ $say->winterSchool($row->school) }}
            @if ($row->isYours)
              <b>({{ __('yours') }})</b>
            @endif
          </td>
          <td class="num">{{ count($row->result->keep) }}</td>
          <td class="num">~{{ $f->kg($row->result->storesKg) }}</td>
          <td class="num">{{ $f->percent($row->result->pEnough) }}</td>
          <td class="num">~{{ $f->kg($row->takenKg) }}</td>
          <td class="num">{{ $row->result->sugarKg > 0.05 ? '~' . $f->kg($row->result->sugarKg) : '–' }}</td>
        </tr>
      @endforeach
    </x-table>
  </x-scroll>
</section>
