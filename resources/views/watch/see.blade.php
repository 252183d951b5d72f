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
  <p class="sub">
    {{ __('Robbing test: put a frame of open honey in part shade, ten steps from the hives, for 25 minutes. Then take it away: robbing spreads.') }}
    <x-term of="robbing test" />
    <button
      class="btn"
      type="button"
      data-timer="robbing-{{ $apiary->slug }}"
      data-minutes="25"
      data-running="{{ __(':left left; check at :when') }}"
      data-done="{{ __('Time is up: robbed or ignored?') }}"
      hidden
    >{{ __('Start the clock') }}</button>
    <output data-timer-says="robbing-{{ $apiary->slug }}"></output>
  </p>
</section>
<section class="blk">
  <h2>{{ __('What flowers?') }}</h2>
  <x-form :action="route('watch.blooms.store', $apiary->slug)" class="row">
    <x-field
      name="plant"
      :label="__('Plant')"
      list="plants"
      maxlength="40"
      required
    />
    <datalist id="plants">
      @foreach ($plants as $plant)
        <option value="{{ $plant }}"></option>
      @endforeach
    </datalist>
    <x-field
      name="on"
      type="date"
      :label="__('Day')"
      :value="$now->format('Y-m-d')"
      required
    />
    <x-field name="note" :label="__('Note')" maxlength="200" />
    <button class="btn" name="what" value="began">{{ __('Began on') }}</button>
    <button class="btn" name="what" value="ended">{{ __('Finished on') }}</button>
  </x-form>
</section>
<section class="blk">
  <h2>{{ __('A weight read by hand') }}</h2>
  <x-form :action="route('watch.weights.store', $apiary->slug)" class="row">
    <x-field
      name="hive"
      :label="__('Hive')"
      :value="$flow->scaleHive ?? array_key_first($page->hives)"
      :options="$page->hives"
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
    <button class="btn go">{{ __('Save the weight') }}</button>
  </x-form>
  <div class="btns">
    <a class="btn" href="{{ route('watch.scales', $apiary->slug) }}">
      {{ trans_choice('{0} Connect a scale, or add its file|{1} :count scale of this yard|[2,*] :count scales of this yard', $scales->count()) }}</a>
  </div>
</section>
