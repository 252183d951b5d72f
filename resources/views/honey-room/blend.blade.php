<x-page :title="__('Blend')" stage="honey-room" :wall="true">
  <h1>{{ __('Blend') }}</h1>
  @include('honey-room.tabs')
  @if ($buckets->isEmpty())
    <p class="empty">
      {{ __('No bucket is weighed yet.') }}
      <a class="link" href="{{ route('honey-room.index') }}">{{ __('To the lots') }}</a>
    </p>
  @else
    <form method="get" action="{{ route('honey-room.blend') }}" class="flex flex-col gap-3">
      <input type="hidden" name="calculate" value="1" />
      <fieldset class="choosehives wide">
        <legend>{{ __('Buckets') }}</legend>
        @forelse ($read as $bucket)
          <label class="check">
            <input
              type="checkbox"
              name="buckets[]"
              value="{{ $bucket->id }}"
              @checked(in_array($bucket->id, $chosen, true))
            > {{ $bucket->lot->code }} / {{ $bucket->number }}
            <span class="soft">{{ $f->kg($bucket->leftKg()) }}, {{ $f->water($bucket->water_pct) }}</span>
          </label>
        @empty
          <p class="empty">{{ __('No bucket has a water reading yet. Enter the water where you weigh the bucket.') }}
          </p>
        @endforelse
        @if ($unread > 0)
          <p class="sub">
            {{ trans_choice('{1} :count more bucket has no water reading.|[2,*] :count more buckets have no water reading.', $unread) }}
          </p>
        @endif
      </fieldset>
      <div class="row">
        <x-field
          name="limit"
          type="number"
          step="0.1"
          min="14"
          max="23"
          :label="__('Maximum water (%)')"
          :value="$limit"
        />
        <button class="btn go">{{ __('Calculate') }}</button>
      </div>
    </form>
    @if ($blend->take !== [])
      <section class="blk">
        <h2>{{ __('Pour in this order') }}</h2>
        <p>
          <span class="big">{{ $f->kg($blend->kg) }}</span>
          {{ __('of :water', ['water' => $f->water($blend->waterPct)]) }}
          <span class="rng">{{ $f->spread($blend->waterPct, $sdPct) }}</span>
        </p>
        <x-drawing.wide :of="$picture" />
        @can('record')
          <x-form :action="route('honey-room.batches.store')" class="row">
            @foreach ($pours as $id => $kg)
              <input type="hidden" name="pour[{{ $id }}]" value="{{ $kg }}">
            @endforeach
            <x-field name="tank" :label="__('Tank')" />
            <x-field
              name="depth"
              type="number"
              step="0.1"
              :label="__('Depth, :unit', ['unit' => $f->lengths->handUnit()])"
              :value="$f->lengths->hand(35)"
            />
            <x-field
              name="celsius"
              type="number"
              step="0.1"
              :label="__('Temperature, :unit', ['unit' => $f->temperatureUnit()])"
              :value="round($f->temperatureValue(28))"
            />
            <button class="btn go">{{ __('Pour this blend') }}</button>
          </x-form>
        @endcan
      </section>
    @endif
    @if ($blend->left !== [])
      <section class="blk">
        <h2>{{ __('Left over') }}</h2>
        <ul class="reasons">
          @foreach ($blend->left as $one)
            <li>{{ $one->id }}: {{ $f->kg($one->kg) }}, {{ $f->water($one->waterPct) }}</li>
          @endforeach
        </ul>
        <p class="sub">{{ __('For the bees, for baking, for mead; or dry the combs before the next spinning.') }}
        </p>
      </section>
    @endif
  @endif
  <x-slot:why>
    <p class="lab">{{ __('Why') }}</p>
    <h2 class="say">{{ __('Driest bucket first, the last one in part.') }}</h2>
    <p>
      {{ __('Dry honey makes room for wet honey. No other choice gives more honey within the limit.') }}
    </p>
    <x-disclosure :summary="__('How this was calculated')">
      <p>{{ __('The refractometer\'s own error stays in the blend. Errors of single readings even out.') }}</p>
    </x-disclosure>
    <p class="caution">
      {{ __('The law sets limits by kind of honey. Never blend honey that has begun to ferment.') }}</p>
  </x-slot:why>
</x-page>
