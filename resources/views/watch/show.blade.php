@php($apiary = $watched->apiary)
@php($flow = $watched->flow)
<x-page :title="__('Watch') . ': ' . $apiary->name" stage="watch" :yard="$apiary->slug">
  <div class="hd">
    <h1>{{ $apiary->name }}</h1>
    <span class="sub">
      {{ $flow->presumedFrom ? __('scale of :yard, presumed for here', ['yard' => $flow->presumedFrom]) : __('own scale') }}
    </span>
  </div>
  @if ($watched->picture === null)
    <p class="empty">
      {{ __('No weights yet, and no scale within :way. Note a hive\'s weight below, or what you see.', ['way' => $f->lengths->way(15.0)]) }}
    </p>
  @else
    <x-drawing.picture :of="$watched->picture" />
  @endif
  @can('record')
    <section class="blk">
      <h2>{{ __('What do you see?') }}</h2>
      <div class="btns">
        @foreach ($choose->signs() as $seen => $words)
          <x-form :action="route('watch.signs.store', $apiary->slug)" quick>
            <x-hidden :of="['seen' => $seen]" />
            <button class="btn" id="sign-{{ str_replace(':', '-', $seen) }}">{{ $words }}</button>
          </x-form>
        @endforeach
      </div>
    </section>
    <section class="blk">
      <h2>{{ __('A weight read by hand') }}</h2>
      <x-form :action="route('watch.weights.store', $apiary->slug)" class="row">
        <x-field
          name="hive"
          :label="__('Hive')"
          :value="$scaleHive"
          :options="$hives"
        />
        <x-field
          name="weight"
          type="number"
          step="0.01"
          :label="__('Weight of the hive, :unit', ['unit' => $f->massUnit()])"
          required
        />
        <x-field
          name="at"
          type="datetime-local"
          :label="__('When')"
          :value="$now->format('Y-m-d\TH:i')"
          required
        />
        <button class="btn go">{{ __('Note it') }}</button>
      </x-form>
    </section>
  @endcan
  <div class="cols2">
    <section class="blk">
      <h2>{{ __('Signs') }}</h2>
      @if ($signs->isEmpty())
        <p class="sub">{{ __('None noted yet.') }}</p>
      @endif
      <table class="table">
        <tbody>
          @foreach ($signs as $sign)
            <tr>
              <td class="soft">{{ $f->moment($sign->seen_at, $zone) }}</td>
              <td>{{ $say->sign($sign->sign, $sign->result) }}</td>
              <td>
                @can('manage')
                  <x-remove :action="route('watch.signs.destroy', $sign->id)" />
                @endcan
              </td>
            </tr>
          @endforeach
        </tbody>
      </table>
    </section>
    <section class="blk">
      <h2>{{ __('Weights') }}</h2>
      @if ($weights->isEmpty())
        <p class="sub">{{ __('None noted yet.') }}</p>
      @endif
      <table class="table">
        <tbody>
          @foreach ($weights as $weight)
            <tr>
              <td class="soft">{{ $f->moment($weight->at, $zone) }}</td>
              <td>{{ $hives[$weight->hive_id] ?? '' }}</td>
              <td class="num">{{ $f->kg($weight->kg, 2) }}</td>
              <td>
                @can('manage')
                  <x-remove :action="route('watch.weights.destroy', $weight->id)" />
                @endcan
              </td>
            </tr>
          @endforeach
        </tbody>
      </table>
    </section>
  </div>
  <x-slot:why>
    <div>
      <p class="lab">{{ __('Why: :yard', ['yard' => $apiary->name]) }}</p>
      <h2 class="say">{{ $flow->sentence() }}</h2>
    </div>
    <section>
      <dl>
        <dt>{{ __('Over with') }}</dt>
        <dd>~{{ $f->percent($flow->result->pOver) }}</dd>
        <dt>{{ __('Phase by the scale') }}</dt>
        <dd>{{ $say->term($flow->result->phase) }}</dd>
        <dt>{{ __('Mean of the last days') }}</dt>
        <dd>{{ $f->kg($flow->result->meanKgPerDay, 2) }}</dd>
      </dl>
    </section>
    <section>
      <h3>{{ __('Facts used') }}</h3>
      <ul class="facts">
        @forelse (array_reverse($flow->evidence) as $seen)
          <li>
            <span>{{ $f->day($seen->at) }}</span>
            <span>{{ $say->sign($seen->sign, $seen->result) }} <span class="rng">×
                {{ $seen->likelihoodRatio }}</span></span>
          </li>
        @empty
          <li><span>–</span><i>{{ __('no sign noted in the last weeks') }}</i></li>
        @endforelse
      </ul>
      <p class="sub">{{ __('The scale sets the odds; each sign of the last ten days multiplies them.') }}</p>
    </section>
    @if ($flow->result->manipulations !== [])
      <section>
        <h3>{{ __('Taken out of the gains') }}</h3>
        <ul class="facts">
          @foreach ($flow->result->manipulations as $step)
            <li>
              <span>{{ $f->day($step->at) }}</span>
              <span>{{ $f->kg($step->kg) }} {{ __('(boxes put on or taken off)') }}</span>
            </li>
          @endforeach
        </ul>
      </section>
    @endif
    <section>
      <h3>{{ __('What would change it') }}</h3>
      <p>
        {{ __('One more sign. The robbing test says most: eight to one when the frame is robbed, one to five when it is ignored.') }}
      </p>
    </section>
  </x-slot:why>
</x-page>
