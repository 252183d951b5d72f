<div class="yardwork" data-work>
  <x-drawing.elevation :of="$page->picture" :hive="$open?->hive->code" :box="$page->hand?->box->id" />
  <div class="blk" data-store>
    <h2>{{ __('Store') }}</h2>
    @if ($page->store->isEmpty())
      <p class="sub">{{ __('No box in store.') }}</p>
    @else
      <div class="storeboxes">
        @foreach ($page->storeByKind() as $kind => $boxes)
          <p>{{ $kind }}</p>
          @foreach ($boxes as $box)
            <a
              class="storebox"
              href="?box={{ $box->id }}#hand"
              data-box="{{ $box->id }}"
              @if ($box->is($page->hand?->box)) aria-current="true" @endif
            >{{ $box->mark }}<span class="sr">, {{ $kind }}</span></a>
          @endforeach
        @endforeach
      </div>
    @endif
  </div>
  @can('record')
    <p class="sub">
      {{ __('Choose a box to move it, or drag it to a hive, within its stack or into store.') }}
      <span class="keyhint">
        {{ __('By keys: Shift and an arrow moves the box; Delete puts it into store.') }}</span>
    </p>
    <x-form
      :action="route('yards.boxes.move', '00000000000000000000000000')"
      data-put
      hidden
      quick
    >
      <x-hidden :of="['hive' => '', 'under' => '', 'step' => '']" />
    </x-form>
  @endcan
</div>
@if ($page->hand)
  @include('yards.hand', ['hand' => $page->hand])
@endif
