<x-page :title="__('Yields of :file', ['file' => $name])" stage="compare">
  <div class="hd">
    <h1>
      {{ trans_choice('{0} No yield can be read like this|{1} :count yield would be added|[2,*] :count yields would be added', count($read->rows)) }}
    </h1>
    <span class="sub">{{ $name }}</span>
  </div>
  <form method="get" action="{{ route('compare.notes.map') }}" class="row">
    <input type="hidden" name="file" value="{{ $key }}">
    <x-field
      name="hive"
      :label="__('Hive')"
      :value="$columns->hive"
      :options="$names"
    />
    <x-field
      name="season"
      :label="__('Year')"
      :value="$columns->season"
      :options="$names"
    />
    <x-field
      name="kg"
      :label="__('Yield')"
      :value="$columns->kg"
      :options="$names"
    />
    <x-field
      name="unit"
      :label="__('Unit')"
      :value="$columns->unit"
      :options="['kg' => 'kg', 'lb' => 'lb']"
    />
    <x-field
      name="queen"
      :label="__('Queen')"
      :value="$columns->queen"
      :options="$names"
    />
    <x-field
      name="yard"
      :label="__('Yard')"
      :value="$columns->yard"
      :options="$names"
    />
    <x-field
      name="yard_name"
      :label="__('or one yard')"
      :value="$yard"
      maxlength="80"
    />
    <button class="btn">{{ __('Show again') }}</button>
  </form>
  <x-read-in
    :action="route('compare.notes.store')"
    :values="[
        'file' => $key,
        'hive' => $columns->hive,
        'season' => $columns->season,
        'kg' => $columns->kg,
        'unit' => $columns->unit,
        'queen' => $columns->queen,
        'yard' => $columns->yard,
        'yard_name' => $yard,
    ]"
    :any="$read->rows !== []"
    :back="route('compare.out')"
    :read="$read"
  />
  @if ($unknown !== '')
    <p class="notice">
      {{ $unknown }}
    </p>
  @endif
  <section class="blk">
    <h2>{{ __('As read') }}</h2>
    @if ($read->rows === [])
      <p class="empty">{{ __('Choose other columns above.') }}</p>
    @else
      <x-table :head="[__('Yard'), __('Hive'), __('Season'), __('Queen'), $f->massUnit()]" num="5">
        @foreach (array_slice($read->rows, 0, 12) as $row)
          <tr>
            <td>{{ $row['yard'] }}</td>
            <td>{{ $row['hive'] }}</td>
            <td>{{ $row['season'] }}</td>
            <td>{{ $row['queen'] ?? '–' }}</td>
            <td class="num">{{ $f->kg($row['kg']) }}</td>
          </tr>
        @endforeach
      </x-table>
    @endif
  </section>
  <x-slot:why>
    <p class="lab">{{ __('Why') }}</p>
    <h2 class="say">{{ __('Readings count only after you add them.') }}</h2>
    <p>
      {{ __('A hive or queen with the same name as one of yours is counted as that one.') }}
      {{ __('Harvests recorded here replace file rows for the same hive and season.') }}
    </p>
  </x-slot:why>
</x-page>
