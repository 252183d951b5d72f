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
      <input type="hidden" name="reckon" value="1" />
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
          <p class="empty">{{ __('Of no bucket the water is read yet: note it where the bucket is weighed.') }}</p>
        @endforelse
        @if ($unread > 0)
          <p class="sub">
            {{ trans_choice('{1} Of :count more bucket the water is not read.|[2,*] Of :count more buckets the water is not read.', $unread) }}
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
          :label="__('At most so much water, %')"
          :value="$limit"
        />
        <button class="btn go">{{ __('Calculate') }}</button>
      </div>
    </form>
    @if ($blend->take !== [])
      <section class="blk">
        <h2>{{ __('Poured in this order') }}</h2>
        <p>
          <span class="big">{{ $f->kg($blend->kg) }}</span>
          {{ __('of :water', ['water' => $f->water($blend->waterPct)]) }}
          <span class="rng">{{ $f->spread($blend->waterPct, $sdPct) }}</span>
        </p>
        <x-drawing.picture :of="$picture" />
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
              :label="__('Depth of the honey, :unit', ['unit' => $f->lengths->handUnit()])"
              :value="$f->lengths->hand(35)"
            />
            <x-field
              name="celsius"
              type="number"
              step="0.1"
              :label="__('Warmth, :unit', ['unit' => $f->temperatureUnit()])"
              :value="round($f->temperatureValue(28))"
            />
            <button class="btn go">{{ __('Poured so') }}</button>
          </x-form>
        @endcan
      </section>
    @endif
    @if ($blend->left !== [])
      <section class="blk">
        <h2>{{ __('What is left') }}</h2>
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
    <p class="lab">{{ __('Why so') }}</p>
    <h2 class="say">{{ __('The driest first, the last one in part.') }}</h2>
    <p>
      {{ __('Of two kilograms that go in, the drier leaves more room for wet ones: no other choice keeps the limit with more honey.') }}
    </p>
    <p>{{ __('The error of the refractometer stays in the blend; those of single readings even out.') }}</p>
    <p class="caution">
      {{ __('Law sets limits by kind of honey; honey that has begun to ferment is not blended away.') }}</p>
  </x-slot:why>
</x-page>
