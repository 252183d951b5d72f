<x-page :title="__('Hives from a table')" stage="yards">
  <h1>{{ __('Hives from a table') }}</h1>
  <p class="sub">
    {{ __('Copy the lines of a spreadsheet with their heading, or load a CSV file. It is shown first as it was understood.') }}
  </p>
  @if ($table !== null && !$table->isWhole())
    <div class="notice bad" role="alert">
      <div>
        <b>{{ __('Nothing is made yet: mend these lines and show it again.') }}</b>
        <ul>
          @foreach ($table->errors as $error)
            <li>{{ $error }}</li>
          @endforeach
          @foreach ($table->rows as $row)
            @foreach ($row->errors as $error)
              <li>{{ __('Line :n', ['n' => $row->number]) }} ({{ $row->code() }}): {{ $error }}</li>
            @endforeach
          @endforeach
        </ul>
      </div>
    </div>
  @endif
  @if ($table !== null && $table->rows !== [])
    <x-table class="stack" :head="[__('Line'), __('Hive'), __('Yard'), __('Brood boxes'), __('Supers'), __('Queen')]">
      @foreach ($table->rows as $row)
        <tr @class(['danger' => $row->errors !== []])>
          <td data-label="{{ __('Line') }}">{{ $row->number }}</td>
          <td data-label="{{ __('Hive') }}"><b>{{ $row->code() }}</b></td>
          <td data-label="{{ __('Yard') }}">{{ $row->yard() }}</td>
          <td data-label="{{ __('Brood boxes') }}">{{ $row->broodBoxes() }} × {{ $kinds[$row->broodKind]->name }}
          </td>
          <td data-label="{{ __('Supers') }}">{{ $row->supers() }} × {{ $kinds[$row->superKind]->name }}</td>
          <td data-label="{{ __('Queen') }}">{{ $row->queen() }}</td>
        </tr>
      @endforeach
    </x-table>
  @endif
  @can('manage')
    <x-form :action="route('yards.table.store')" class="blk flex flex-col gap-3" enctype="multipart/form-data">
      <div class="field">
        <label for="table-text">{{ __('The table') }}</label>
        <textarea
          id="table-text"
          name="table"
          rows="12"
          spellcheck="false"
          placeholder="code;yard;brood boxes;supers;queen;year;line;mother"
        >{{ old('table', $text) }}</textarea>
        <span class="hint">
          {{ __('Columns: code and yard, and as you have them: brood kind, brood boxes, super kind, supers, queen, year, line, mother.') }}
          {{ __('Latitude and longitude put up a new yard.') }}
        </span>
        @error('table')
          <span class="err">{{ $message }}</span>
        @enderror
      </div>
      <div class="field">
        <label for="table-file">{{ __('or a file') }}</label>
        <input
          id="table-file"
          name="file"
          type="file"
          accept=".csv,.tsv,.txt,text/csv"
        >
      </div>
      <div class="btns">
        <button class="btn">{{ __('Show it') }}</button>
        @if ($table?->isWhole())
          <button class="btn go" name="sure" value="1">
            {{ trans_choice('Put up this hive|Put up these :count hives', count($table->rows)) }}
          </button>
        @endif
      </div>
    </x-form>
  @endcan
</x-page>
