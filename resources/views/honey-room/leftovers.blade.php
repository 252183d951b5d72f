@if ($stack->wetSupers() > 0)
  <section class="blk">
    <h2>{{ trans_choice('{1} :count wet super|[2,*] :count wet supers', $stack->wetSupers()) }}</h2>
    @can('record')
      <x-form :action="route('honey-room.wet', $lot->id)" class="btns">
        <button class="btn go" name="to" value="home">{{ __('Back on their hives') }}</button>
        <button class="btn" name="to" value="store">{{ __('Dry, into store') }}</button>
        <button class="btn" name="to" value="cleaning">{{ __('To the cleaning place') }}</button>
        <label class="check"><input type="checkbox" name="healthy" value="1">
          {{ __('for the cleaning place: all colonies are healthy') }}</label>
      </x-form>
    @endcan
    <p class="caution">
      {{ __('Wet supers attract robbers: give them back in the evening. Cleaning place: far from the hives, few at a time.') }}
    </p>
  </section>
@endif
@if ($stack->onBench() > 0 && $lot->buckets->isNotEmpty())
  @can('record')
    <section class="blk">
      <h2>{{ __('Is this lot done?') }}</h2>
      <x-form :action="route('honey-room.away', $lot->id)" class="btns">
        <button class="btn">{{ __('All extracted and stored') }}</button>
        <span class="sub">{{ __('Its supers and frames leave the bench. The buckets stay.') }}</span>
      </x-form>
    </section>
  @endcan
@endif
<section class="blk">
  <h2>{{ __('Cappings, colour, taste') }}</h2>
  @can('record')
    <x-form :action="route('honey-room.cappings', $lot->id)" method="put" class="row">
      <x-field
        name="wax"
        type="number"
        step="0.01"
        min="0"
        inputmode="decimal"
        :label="__('Wax of the cappings, :unit', ['unit' => $f->massUnit()])"
        :hint="__('usual: :lo to :hi', [
            'lo' => $f->kg(0.01 * $state->measuredKg(), 2),
            'hi' => $f->kg(0.02 * $state->measuredKg(), 2),
        ])"
        :value="$lot->capping?->wax_kg === null ? null : round($f->massValue($lot->capping->wax_kg), 2)"
      />
      <x-field
        name="honey"
        id="capping-honey"
        type="number"
        step="0.01"
        min="0"
        inputmode="decimal"
        :label="__('Honey drained, :unit', ['unit' => $f->massUnit()])"
        :hint="__('for the record; the bucket counts already')"
        :value="$lot->capping?->honey_kg === null ? null : round($f->massValue($lot->capping->honey_kg), 2)"
      />
      <button class="btn">{{ __('Save the notes') }}</button>
    </x-form>
    @if ($state->waxShare() !== null)
      <p>
        {{ __('Wax is :p of the honey; one to two in a hundred is usual.', ['p' => $f->percent($state->waxShare(), 1)]) }}
      </p>
    @endif
    <x-form :action="route('honey-room.notes', $lot->id)" method="put" class="row">
      <x-field
        name="pfund_mm"
        type="number"
        min="0"
        max="140"
        :label="__('Colour, mm Pfund')"
        term="mm Pfund"
        :hint="__('0 water white, 50 amber light, 114 dark')"
        :value="$lot->pfund_mm"
      />
      <x-field name="taste" :label="__('Taste')" :value="$lot->taste" />
      <x-field name="plants" :label="__('Plants')" :value="$lot->plants" />
      <button class="btn">{{ __('Save the notes') }}</button>
    </x-form>
  @endcan
  @if ($lot->pfund_mm !== null || $lot->taste !== '' || $lot->plants !== '')
    @include('honey-room.colour')
  @endif
</section>
@if ($forward->isNotEmpty())
  <section class="blk">
    <h2>{{ __('In which jars it is') }}</h2>
    <ul class="reasons">
      @foreach ($forward as $pour)
        <li>{{ __('bucket :n', ['n' => $pour->bucket->number]) }}: {{ $f->kg($pour->kg, 2) }}
          @if ($pour->batch)
            → <a class="link" href="{{ route('honey-room.batch', $pour->batch->id) }}">{{ $pour->batch->code }}</a>
            @foreach ($pour->batch->fills as $fill)
              · {{ $fill->count }} × {{ $fill->kind->name }}@foreach ($fill->moves as $move)
                {{ $loop->first ? '(' : '' }}{{ $move->count }}
                {{ $move->whom === '' ? __('unknown') : $move->whom }}{{ $loop->last ? ')' : ',' }}
              @endforeach
            @endforeach
          @else
            {{ $away[$pour->why->value] ?? '' }}
          @endif
        </li>
      @endforeach
    </ul>
  </section>
@endif
