<section class="blk today" id="today">
  <div class="hd">
    <h2>{{ __('To inspect today') }}</h2>
    <span class="sub">{{ __('what decides most for its time first') }}</span>
  </div>
  @can('record')
    <x-form :action="route('assess.bulk', $apiary->slug)">
      @include('assess.rows')
      <div class="row mt-2.5 items-end">
        <x-field name="choice" :label="__('The chosen supers')" :options="$choose->decisions($manages)" />
        <x-field
          name="note"
          :label="__('Because')"
          maxlength="500"
          :hint="__('saved with each decision')"
        />
        <button class="btn">{{ __('Decide for all') }}</button>
      </div>
      @error('boxes')
        <p class="err danger">{{ $message }}</p>
      @enderror
    </x-form>
  @else
    @include('assess.rows')
  @endcan
</section>
