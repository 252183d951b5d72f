<x-page :title="__('Yards and kit')" stage="yards">
  <h1>{{ __('Yards and kit') }}</h1>
  @if ($page->pictures === null)
    <x-yardlist stage="yards" />
  @else
    @foreach ($page->apiaries as $apiary)
      <section class="blk">
        <div class="hd">
          <h2><a href="{{ route('yards.yard', $apiary->slug) }}">{{ $apiary->name }}</a></h2>
          <span class="sub">
            {{ trans_choice(':count hive|:count hives', count($page->pictures[$apiary->id]->hives)) }} ·
            {{ number_format($apiary->latitude, 2) }}, {{ number_format($apiary->longitude, 2) }}
            @if ($apiary->heather)
              · {{ __('heather') }}
            @endif
          </span>
        </div>
        <x-drawing.elevation :of="$page->pictures[$apiary->id]" />
      </section>
    @endforeach
  @endif
  @can('manage')
    <section class="blk">
      <div class="hd">
        <h2>{{ $page->apiaries->isEmpty() ? __('Set up your first yard') : __('A new yard') }}</h2>
        <a class="btn small" href="{{ route('yards.table') }}">{{ __('Many hives from a table') }}</a>
      </div>
      <x-form :action="route('yards.store')" id="draw-yard">
        @include('yards.draw', ['kindNames' => $page->kindNames()])
        <div class="btns"><button class="btn go">{{ __('Create the yard') }}</button>
        </div>
      </x-form>
    </section>
  @endcan
  @php($ofKind = ['comb_length', 'comb_height', 'frames', 'name', 'kind'])
  <details class="astable blk" @if ($errors->hasAny($ofKind)) open @endif>
    <summary>{{ __('Box kinds') }}</summary>
    <x-table :head="[
        __('Kind'),
        __('Frames'),
        __('Comb, :unit a side', ['unit' => $f->lengths->areaUnit()]),
        __('Inside width, :unit', ['unit' => $f->lengths->unit()]),
        __('Height, :unit', ['unit' => $f->lengths->unit()]),
        __('Empty'),
    ]" num="2 3 4 5 6" acts>
      @foreach ($page->kinds as $kind)
        <tr>
          <td>{{ $kind->name }}</td>
          <td class="num">{{ $kind->frames }}</td>
          <td class="num">{{ $f->lengths->area($kind->combAreaDm2) }}</td>
          <td class="num">{{ $f->lengths->value($kind->insideWidthMm) }}</td>
          <td class="num">{{ $f->lengths->value($kind->externalHeightMm) }}</td>
          <td class="num">{{ $f->kg($kind->emptyMassKg) }}</td>
          <td>
            @if ($page->ownKinds[$kind->key] ?? null)
              @can('manage')
                <x-remove :action="route('yards.kinds.destroy', $page->ownKinds[$kind->key])" :of="$kind->name" />
              @endcan
            @endif
          </td>
        </tr>
      @endforeach
    </x-table>
    @can('manage')
      <x-form :action="route('yards.kinds.store')">
        <div class="row">
          <x-field
            name="name"
            id="kind-name"
            :label="__('Your own kind')"
            maxlength="80"
            required
          />
          <x-field
            name="frames"
            type="number"
            :label="__('Frames')"
            value="10"
          />
          <x-field
            name="inside_width"
            type="number"
            step="any"
            :label="__('Inside width, :unit', ['unit' => $f->lengths->unit()])"
          />
        </div>
        <h4>{{ __('Comb, inside the wood') }}</h4>
        <div class="row">
          <x-field
            name="comb_length"
            type="number"
            step="any"
            :label="__('Comb length, :unit', ['unit' => $f->lengths->unit()])"
          />
          <x-field
            name="comb_height"
            type="number"
            step="any"
            :label="__('Comb height, :unit', ['unit' => $f->lengths->unit()])"
          />
        </div>
        <h4>{{ __('Outside') }}</h4>
        <div class="row">
          <x-field
            name="external_height"
            type="number"
            step="any"
            :label="__('Outside height, :unit', ['unit' => $f->lengths->unit()])"
          />
          <x-field
            name="external_length"
            type="number"
            step="any"
            :label="__('length, :unit', ['unit' => $f->lengths->unit()])"
          />
          <x-field
            name="external_width"
            type="number"
            step="any"
            :label="__('width, :unit', ['unit' => $f->lengths->unit()])"
          />
          <x-field
            name="empty_mass"
            type="number"
            step="0.1"
            :label="__('Empty with drawn comb, :unit', ['unit' => $f->massUnit()])"
            :hint="__('empty: estimated from its size')"
          />
          <button class="btn">{{ __('Add the kind') }}</button>
        </div>
      </x-form>
    @endcan
  </details>
  <details class="astable">
    <summary>{{ __('Queens') }}</summary>
    @if ($page->queens->isEmpty())
      <p class="sub">{{ __('No queen yet. Enter a queen on the page of her hive.') }}</p>
    @endif
    <table class="table">
      <tbody>
        @foreach ($page->queens as $queen)
          <tr>
            <td>
              @can('manage')
                <x-form :action="route('yards.queens.update', $queen->id)" method="put" class="row">
                  <x-hidden :of="['version' => $queen->version]" />
                  @foreach (['code' => __('Code'), 'line' => __('Line'), 'year' => __('Year')] as $key => $words)
                    <div class="field"><label class="sr"
                        for="{{ $key }}-{{ $queen->id }}">{{ $words }},
                        {{ $queen->code }}</label>
                      <input
                        id="{{ $key }}-{{ $queen->id }}"
                        name="{{ $key }}"
                        value="{{ $queen->$key }}"
                        maxlength="30"
                      >
                    </div>
                  @endforeach
                  <button class="btn small">
                    {{ __('Correct') }} <span class="sr">{{ $queen->code }}</span></button>
                </x-form>
              @else
                {{ $queen->code }}, {{ $queen->line }}, {{ $queen->year }}
              @endcan
            </td>
            <td>
              @can('manage')
                <x-remove :action="route('yards.queens.destroy', $queen->id)" :of="$queen->code" />
              @endcan
            </td>
          </tr>
        @endforeach
      </tbody>
    </table>
  </details>
  <section class="blk">
    <h2>{{ __('Boxes in store') }}</h2>
    @if ($page->store->isEmpty())
      <p class="sub">{{ __('No box in store.') }}</p>
    @else
      <table class="table">
        <tbody>
          @foreach ($page->store as $box)
            <tr>
              <td>{{ $box->mark }}</td>
              <td>{{ $page->kindOf($box) }}</td>
              <td>
                @can('manage')
                  <x-remove :action="route('yards.boxes.destroy', $box->id)" :of="$box->mark" />
                @endcan
              </td>
            </tr>
          @endforeach
        </tbody>
      </table>
    @endif
  </section>
</x-page>
