@php($hive = $open->hive)
<section class="blk" id="hive">
  <h2>{{ __('Hive :code', ['code' => $hive->code]) }}</h2>
  <x-notes :of="$open->state" />
  @if (!$open->story->isEmpty())
    <x-drawing.wide :of="$open->strip()" />
    <p class="sub">
      @foreach ($open->story->kgBySeason as $year => $kg)
        {{ $year }}: <b>{{ $f->kg($kg, 0) }}</b>
        @if (!$loop->last)
          ·
        @endif
      @endforeach
    </p>
  @endif
  @if ($open->noted->isNotEmpty())
    <h3>{{ __('Notes from the yard') }}</h3>
    <ul class="list">
      @foreach ($open->noted as $note)
        <li>
          <span class="soft">{{ $f->date($note->noted_at) }}</span> {{ $note->words() }}
          @if ($note->what === 'photo')
            <a class="link" href="{{ route('field.photos.show', $note->id) }}">{{ __('see it') }}</a>
          @endif
          @can('manage')
            <x-remove :action="route('field.notes.destroy', $note->id)" :of="$note->words()" />
          @endcan
        </li>
      @endforeach
    </ul>
  @endif
  <div class="cols2">
    <div>
      <h3>{{ __('Its boxes, from the top') }}</h3>
      @foreach ($open->state->fromTheTop() as $box)
        <div class="stop" id="box-{{ $box->id }}">
          <a class="link"
            href="{{ route('yards.hive', [$page->apiary->slug, $hive->code, 'box' => $box->id]) }}#hand"
          >
            <b>{{ $box->mark }}</b> {{ $box->name() }}</a> ·
          <span class="soft">{{ $box->fitted->kind->name }},
            {{ __(':n frames fitted', ['n' => $box->fitted->framesFitted]) }},
            {{ __('since :day', ['day' => $f->date($box->since)]) }}</span>
        </div>
      @endforeach
      @can('record')
        <h3 class="blk">{{ __('Put a box on') }}</h3>
        <x-form :action="route('yards.boxes.store', $hive->id)" class="narrow">
          <fieldset>
            <legend>{{ __('Which box') }}</legend>
            <x-field
              name="kind"
              :label="__('New box of kind')"
              value="langstroth-medium-10"
              :options="$page->kindNames()"
            />
            <x-field name="box" :label="__('or one from store')" :options="$page->storeChoices()" />
            <x-field
              name="frames_fitted"
              type="number"
              min="1"
              max="30"
              :label="__('Frames fitted')"
              :hint="__('empty: all')"
            />
          </fieldset>
          <fieldset>
            <legend>{{ __('At the hive') }}</legend>
            <x-field
              name="role"
              :label="__('Used as')"
              value="super"
              :options="['super' => __('super, on top'), 'brood' => __('brood box')]"
            />
            <x-field
              name="put_on"
              :label="__('Condition')"
              value="empty"
              :options="$choose->putOn()"
            />
            <x-field
              name="since"
              type="date"
              :label="__('Since')"
              :hint="__('empty: today')"
            />
          </fieldset>
          <button class="btn go">{{ __('Put it on') }}</button>
        </x-form>
        @if ($open->supers() !== [])
          <h3 class="blk">{{ __('An escape board was put on') }}</h3>
          <x-form :action="route('clear.boards.store', $hive->id)" class="row">
            <x-field
              name="under"
              id="board-under"
              :label="__('Under')"
              :options="$open->supers()"
            />
            <button class="btn">{{ __('Save the board') }}</button>
          </x-form>
          @if (!$hive->excluder)
            <p class="caution">{{ __('No excluder: check for brood and the queen above the board.') }}</p>
          @endif
        @endif
      @endcan
    </div>
    <div>
      @include('yards.colony')
    </div>
  </div>
</section>
