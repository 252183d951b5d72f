<x-page :title="__('Out and in')" stage="compare">
  <div class="hd">
    <h1>{{ __('Out and in, in open formats') }}</h1>
  </div>
  @include('compare.tabs')
  @foreach (['file', 'whole'] as $field)
    @if ($errors->has($field))
      <p class="err" role="alert">{{ $errors->first($field) }}</p>
    @endif
  @endforeach
  <section class="blk">
    <h2>{{ __('Tables') }}</h2>
    <x-table :head="[__('What'), __('Format')]">
      @foreach ($tables as $table => $words)
        <tr>
          <td>{{ $words }}</td>
          <td>
            @foreach (['csv' => __('CSV'), 'xlsx' => __('XLSX')] as $as => $format)
              <a class="link"
                href="{{ route('compare.out.table', ['of' => $table, 'as' => $as]) }}">{{ $format }}<span
                  class="sr"
                > {{ $words }}</span></a>
            @endforeach
          </td>
        </tr>
      @endforeach
      <tr>
        <td>{{ __('All these tables') }}</td>
        <td><a class="link" href="{{ route('compare.out.xlsx') }}">{{ __('XLSX') }}<span class="sr">
              {{ __('All these tables') }}</span></a></td>
      </tr>
      <tr>
        <td>{{ __('Yards on a map') }}</td>
        <td><a class="link" href="{{ route('compare.out.yards') }}">{{ __('GeoJSON') }}</a></td>
      </tr>
      @foreach ($seasons->take(6) as $season)
        <tr>
          <td>{{ __('Report of season :year', ['year' => $season]) }}</td>
          <td><a class="link" href="{{ route('compare.out.season', $season) }}">{{ __('PDF') }}<span
                class="sr"
              >
                {{ $season }}</span></a></td>
        </tr>
      @endforeach
    </x-table>
  </section>
  @can('manage')
    <section class="blk">
      <h2>{{ __('Earlier years, from your own sheet') }}</h2>
      <p class="sub">
        {{ __('One row per hive and season: hive, year, kg; queen and yard if known. CSV, XLSX or ODS, with a preview.') }}
      </p>
      <x-choose-file
        :action="route('compare.notes.park')"
        id="notes"
        :label="__('The sheet')"
        accept=".csv,.txt,.tsv,.xlsx,.ods"
        :words="__('Show a preview')"
      />
      <div class="btns">
        <a class="btn" href="{{ route('compare.notes.grid') }}">{{ __('Type them from your notebook') }}</a>
      </div>
      <x-disclosure :summary="__('Paste them')">
        <x-form :action="route('compare.notes.park')" class="narrow">
          <div class="field">
            <label for="notes-text">{{ __('Rows of a table') }}</label>
            <textarea
              id="notes-text"
              name="table"
              rows="6"
              maxlength="200000"
              required
            ></textarea>
            <span class="hint">
              {{ __('One row per hive and year, or hives down and years across. The first row names the columns.') }}
            </span>
          </div>
          <button class="btn">{{ __('Show a preview') }}</button>
        </x-form>
      </x-disclosure>
      @if ($imports->isNotEmpty())
        <table class="table">
          <tbody>
            @foreach ($imports as $import)
              <tr>
                <td>{{ $import->file_name }}</td>
                <td class="num">{{ $import->rows }}</td>
                <td>{{ $f->date($import->created_at) }}</td>
                <td><x-remove :action="route('compare.notes.destroy', $import->id)" /></td>
              </tr>
            @endforeach
          </tbody>
        </table>
      @endif
    </section>
    <section class="blk">
      <h2>{{ __('The whole operation') }}</h2>
      <p class="sub">
        {{ __('All records, also those in the bin, and the settings. No passwords, members or device secrets.') }}
        {{ __('The ZIP also holds the photographs; the JSON document names them.') }}
      </p>
      <div class="btns">
        <a class="btn" href="{{ route('compare.out.json') }}">{{ __('One JSON document') }}</a>
        <a class="btn" href="{{ route('compare.out.zip') }}">{{ __('A ZIP of tables (data package)') }}</a>
        <x-term of="data package" />
        <a class="btn" href="{{ route('compare.out.schema') }}">{{ __('Its schema') }}</a>
      </div>
      @if ($isEmpty)
        @include('start.bring', ['into' => 'this'])
      @else
        <p class="sub">
          {{ __('To bring a whole operation in, begin another one.') }}
          <a class="link" href="{{ route('start.show') }}">{{ __('Begin another operation') }}</a>
        </p>
      @endif
      @if ($canBeTakenBack)
        <x-form :action="route('compare.in.back')" method="delete">
          <button class="btn">{{ __('Undo the import') }}</button>
        </x-form>
      @endif
    </section>
  @endcan
  <x-slot:why>
    <p class="lab">{{ __('Why') }}</p>
    <h2 class="say">{{ __('Your records are yours') }}</h2>
    <p>{{ __('An exported operation can be imported without any loss; only the inner ids change.') }}</p>
    <p>{{ __('Whole documents use kilograms, degrees Celsius and UTC. Tables use your own units.') }}
    </p>
  </x-slot:why>
</x-page>
