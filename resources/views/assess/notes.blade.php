<x-page :title="__('Short notes')" stage="assess">
  <div class="hd">
    <h1>{{ __('Short notes') }}</h1>
    <x-legend />
  </div>
  <p class="sub">{{ __('One line per super, as you write it on a lid. Enter many lines at once.') }}</p>
  <x-form :action="route('assess.notes.store')" class="noted">
    <div class="field">
      <label for="notes">{{ __('Notes') }}</label>
      <textarea
        id="notes"
        name="notes"
        rows="7"
        maxlength="20000"
        spellcheck="false"
        autocapitalize="characters"
        placeholder="E3 2: 5=8/9 6=9 rain; w 17.2; take"
        hx-post="{{ route('assess.notes.preview') }}"
        hx-trigger="input changed delay:350ms"
        hx-target="#preview"
        hx-swap="outerHTML"
        hx-include="closest form"
        aria-describedby="preview-said"
        @error('notes') aria-invalid="true" @enderror
      >{{ old('notes', $text) }}</textarea>
    </div>
    <x-field
      name="on"
      :label="__('Seen on')"
      type="date"
      :hint="__('Empty: today')"
    />
    <div class="btns">
      <button class="btn go">{{ __('Save these notes') }}</button>
      <button class="btn" formaction="{{ route('assess.notes.preview') }}">{{ __('Show a preview') }}</button>
    </div>
  </x-form>
  @include('assess.notes-preview')
  <x-slot:why>
    <p class="lab">{{ __('How to write notes') }}</p>
    <h2 class="say">{{ __('Hive, super, then what you saw') }}</h2>
    <dl class="grammar">
      <dt><code>E3 2:</code></dt>
      <dd>{{ __('hive E3, second super above the brood; "top" for the uppermost; without a number: the hive itself') }}
      </dd>
      <dt><code>5=8/9</code></dt>
      <dd>{{ __('frame 5: face A 8 tenths capped, face B 9; 5=9 for both; f for all ten') }}</dd>
      <dt><code>5=6+2</code></dt>
      <dd>{{ __('6 tenths capped, 2 open below them, the rest empty') }}</dd>
      <dt><code>5=6o</code> <code>5=6e</code></dt>
      <dd>{{ __('6 tenths capped, all the rest open, or all the rest empty; without a letter the rest is estimated') }}
      </dd>
      <dt><code>all=8</code></dt>
      <dd>{{ __('the frames you did not pull look like this') }}</dd>
      <dt><code>rain</code> <code>dry</code></dt>
      <dd>{{ __('shake test: nectar rains, or no nectar rains') }}</dd>
      <dt><code>w 17.2</code></dt>
      <dd>
        {{ __('water; w 80.5bx for degrees Brix, w 1.4915nd for an index, o for open cells, @24 for the degrees Celsius') }}
      </dd>
      <dt><code>take</code> <code>stay</code></dt>
      <dd>{{ __('the super comes off, or stays; why in brackets: stay (for the bees)') }}</dd>
      <dt><code>kg 43.5</code></dt>
      <dd>{{ __('weight of the whole hive; lb for pounds') }}</dd>
      <dt><code>queen</code></dt>
      <dd>{{ __('the queen was seen') }}</dd>
      <dt><code>"…"</code></dt>
      <dd>{{ __('any words about the hive') }}</dd>
      <dt><code>#</code></dt>
      <dd>{{ __('the rest of the line is not read') }}</dd>
    </dl>
  </x-slot:why>
</x-page>
