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
    {{ __('The robbing test: a frame of open honey in part shade, ten steps from the hives, for 25 minutes. Take it in again: robbing spreads.') }}
    <button
      class="btn"
      type="button"
      data-timer="robbing-{{ $apiary->slug }}"
      data-minutes="25"
      data-running="{{ __(':left left; look at :when') }}"
      data-done="{{ __('Time is up: robbed or ignored?') }}"
      hidden
    >{{ __('It is set out') }}</button>
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
    <x-field name="note" :label="__('Note, if any')" maxlength="200" />
    <button class="btn" name="what" value="began">{{ __('It began') }}</button>
    <button class="btn" name="what" value="ended">{{ __('It finished') }}</button>
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
    <button class="btn go">{{ __('Note it') }}</button>
  </x-form>
  <div class="btns">
    <a class="btn" href="{{ route('watch.scales', $apiary->slug) }}">
      {{ trans_choice('{0} A scale that weighs by itself, or its file|{1} :count scale of this yard|[2,*] :count scales of this yard', $scales->count()) }}</a>
  </div>
</section>
