<section>
  <h3>{{ __('Supers of :hive', ['hive' => $hive->code]) }}</h3>
  @foreach (array_reverse($hive->supers()) as $box)
    @php($decision = $page->decisionOn($box))
    <div class="stop">
      <b>{{ ucfirst($box->name()) }}</b> ~{{ $f->kg($box->honey->kg) }}: {{ $page->isNeeded($winter, $box) }}
      @if ($decision !== null)
        <p class="caution">
          {{ $decision->choice === 'take' ? __('Your decision: it comes off.') : __('Your decision: it stays.') }}
          {{ $decision->note }}
        </p>
        @can('manage')
          <x-form :action="route('winter.decisions.destroy', $decision->id)" method="delete" class="inline">
            <button class="btn small">
              {{ __('Use the calculated choice') }} <span class="sr">{{ $box->name() }}</span>
            </button>
          </x-form>
        @endcan
      @elseif ($winter->needs($box))
        <x-disclosure :summary="__('take it anyway')" :open="$errors->has('note')">
          <x-form :action="route('winter.keep', $box->id)">
            <x-hidden :of="['choice' => 'take']" />
            <x-field
              :id="'note-' . $box->id"
              name="note"
              :label="__('Because')"
              maxlength="500"
              required
            />
            <button class="btn small">{{ __('Take the super anyway') }}</button>
          </x-form>
        </x-disclosure>
      @else
        <x-form :action="route('winter.keep', $box->id)" class="inline" quick>
          <x-hidden :of="['choice' => 'stay']" />
          <button class="btn small">{{ __('Leave the super on') }} <span
              class="sr">{{ $box->name() }}</span></button>
        </x-form>
      @endif
    </div>
  @endforeach
  @if ($hive->supers() === [])
    <p class="sub">{{ __('This hive has no super.') }}</p>
  @endif
</section>
