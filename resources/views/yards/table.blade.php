<x-page :title="__('Hives from a table')" stage="yards">
  <h1>{{ __('Hives from a table') }}</h1>
  <p class="sub">
    {{ __('Paste lines of a spreadsheet with their heading, or load a CSV file. You see a preview first.') }}
  </p>
  @if ($table !== null && !$table->isWhole())
    <div class="notice bad" role="alert">
      <div>
        <b>{{ __('No hive is created yet. Correct these lines and show the preview again.') }}</b>
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
          {{ __('Columns: code and yard; if known also brood kind, brood boxes, super kind, supers, queen, year, line, mother.') }}
          {{ __('Latitude and longitude create a new yard.') }}
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
        <button class="btn">{{ __('Show a preview') }}</button>
        @if ($table?->isWhole())
          <button class="btn go" name="sure" value="1">
            {{ trans_choice('Create this hive|Create these :count hives', count($table->rows)) }}
          </button>
        @endif
      </div>
    </x-form>
  @endcan
</x-page>
