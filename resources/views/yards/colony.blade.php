<h3>{{ __('Colony and queen') }}</h3>
<p>{{ $open->queen() }}</p>
<ul class="facts">
  @foreach ($open->facts as $fact)
    <li>
      <span>{{ $f->day($fact->happened_on) }}</span>
      <span>
        {{ $fact->happened_on->format('Y') }} {{ $fact->words() }}
        @if ($fact->queen)
          ({{ $fact->queen->code }})
        @endif
        {{ $fact->note }}
        @can('manage')
          <x-remove :action="route('yards.facts.destroy', $fact->id)" />
        @endcan
      </span>
    </li>
  @endforeach
</ul>
@can('manage')
  <x-disclosure :summary="__('New queen')">
    <x-form :action="route('yards.queen', $hive->id)" method="put" class="narrow">
      <x-field name="queen" :label="__('Choose a known queen')" :options="$open->queenChoices()" />
      <div class="row">
        <x-field
          name="code"
          id="q-code"
          :label="__('Code')"
          maxlength="30"
        />
        <x-field name="line" :label="__('Line')" maxlength="30" />
        <x-field
          name="year"
          type="number"
          min="2000"
          max="2100"
          :label="__('Year')"
          :value="$season"
        />
      </div>
      <button class="btn">{{ __('Give her the hive') }}</button>
    </x-form>
  </x-disclosure>
@endcan
@can('record')
  <x-disclosure :summary="__('What happened')">
    <x-form :action="route('yards.facts.store', $hive->id)" class="narrow">
      <x-field
        name="kind"
        id="fact-kind"
        :label="__('What')"
        value="swarmed"
        :options="$open->happenings()"
      />
      <x-field
        name="happened_on"
        type="date"
        :label="__('When')"
        required
      />
      <x-field
        name="other"
        :label="__('Other hive')"
        :hint="__('split: an empty hive, or none for a new one; united: the hive that took the bees')"
        maxlength="12"
      />
      <x-field
        name="note"
        id="fact-note"
        :label="__('Note')"
        maxlength="500"
      />
      <button class="btn">{{ __('Save the event') }}</button>
    </x-form>
  </x-disclosure>
@endcan
@can('manage')
  <x-disclosure :summary="__('The hive itself')" :open="$errors->hasAny(['code', 'version'])">
    <x-form :action="route('yards.hives.update', $hive->id)" method="put" class="narrow">
      <x-hidden :of="['version' => $hive->version]" />
      <div class="row">
        <x-field
          name="code"
          :label="__('Code')"
          :value="$hive->code"
          maxlength="12"
          required
        />
        <x-field
          name="yard"
          :label="__('Yard')"
          :value="$apiary->slug"
          :options="$page->yardChoices()"
        />
      </div>
      <label class="check">
        <input
          type="checkbox"
          name="excluder"
          value="1"
          @checked($hive->excluder)
        /> {{ __('queen excluder in use') }}
      </label>
      <x-field
        name="notes"
        :label="__('Notes')"
        :value="$hive->notes"
        maxlength="2000"
      />
      <button class="btn">{{ __('Save') }}</button>
    </x-form>
    <x-form :action="route('yards.hives.destroy', $hive->id)" method="delete">
      <p class="hint">{{ __('Its boxes go into store.') }}</p>
      <button class="btn bad">{{ __('Remove the hive') }}</button>
    </x-form>
  </x-disclosure>
@endcan
<x-disclosure :summary="__('Boxes over time')">
  <table class="table">
    <tbody>
      @foreach ($open->history as $place)
        <tr>
          <td>{{ $place->box->mark }}</td>
          <td>{{ __($place->role) }}</td>
          <td>{{ $f->date($place->since) }} – {{ $place->until ? $f->date($place->until) : __('now') }}</td>
        </tr>
      @endforeach
    </tbody>
  </table>
</x-disclosure>
