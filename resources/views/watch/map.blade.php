<x-page :title="__('Readings of :file', ['file' => $name])" stage="watch" :yard="$scale->apiary->slug">
  <div class="hd">
    <h1>
      {{ trans_choice('{0} No reading can be read like this|{1} :count reading would be added|[2,*] :count readings would be added', count($read->readings)) }}
    </h1>
    <span class="sub">{{ $name }} → {{ $scale->name }}, {{ $scale->hive->code }}</span>
  </div>
  <form method="get" action="{{ route('watch.scales.map', $scale->id) }}" class="row">
    <input type="hidden" name="file" value="{{ $key }}">
    <x-field
      name="at"
      :label="__('Date (and time)')"
      :value="$mapping->at"
      :options="$columns"
    />
    <x-field
      name="time"
      :label="__('Time of day')"
      :value="$mapping->time"
      :options="$times"
    />
    <x-field
      name="weight"
      :label="__('Weight')"
      :value="$mapping->weight"
      :options="$columns"
    />
    <x-field
      name="order"
      :label="__('Order of the date')"
      :value="$mapping->order"
      :options="['dmy' => __('day month year'), 'mdy' => __('month day year'), 'ymd' => __('year month day')]"
    />
    <x-field
      name="unit"
      :label="__('Unit')"
      :value="$mapping->unit"
      :options="['kg' => 'kg', 'lb' => 'lb']"
    />
    <button class="btn">{{ __('Show again') }}</button>
  </form>
  <x-read-in
    :action="route('watch.scales.read', $scale->id)"
    :values="[
        'file' => $key,
        'at' => $mapping->at,
        'time' => $mapping->time,
        'weight' => $mapping->weight,
        'order' => $mapping->order,
        'unit' => $mapping->unit,
    ]"
    :any="$read->readings !== []"
    :back="route('watch.scales', $scale->apiary->slug)"
    :read="$read"
  />
  @if ($read->twice > 0)
    <p>
      {{ trans_choice('{1} :count time occurs twice: the last reading counts.|[2,*] :count times occur twice: the last reading counts.', $read->twice) }}
    </p>
  @endif
  <div class="cols2">
    <section class="blk">
      <h2>{{ __('In the file') }}</h2>
      <x-scroll :label="__('In the file')">
        <table class="table">
          <tbody>
            @foreach ($read->head as $row)
              <tr>
                @foreach ($row as $i => $cell)
                  <td @if (in_array($i, [$mapping->at, $mapping->time, $mapping->weight], true)) class="b" @endif>{{ $cell }}</td>
                @endforeach
              </tr>
            @endforeach
          </tbody>
        </table>
      </x-scroll>
    </section>
    <section class="blk">
      <h2>{{ __('As read') }}</h2>
      @if ($read->readings === [])
        <p class="empty">{{ __('Choose other columns above.') }}</p>
      @endif
      <table class="table">
        <tbody>
          @foreach ($read->shown() as [$at, $kg])
            <tr>
              <td>{{ $f->moment($at, $zone) }}</td>
              <td class="num">{{ $f->kg($kg, 2) }}</td>
            </tr>
          @endforeach
        </tbody>
      </table>
      @if ($read->readings !== [])
        <p class="sub">
          {{ __('to :last', ['last' => $f->moment($read->last(), $zone)]) }}
        </p>
      @endif
    </section>
  </div>
  <x-slot:why>
    <p class="lab">{{ __('Why') }}</p>
    <h2 class="say">{{ __('Readings count only after you add them.') }}</h2>
    <p>
      {{ __('The columns are guessed from their names and values. Times without a zone use your operation\'s time zone.') }}
    </p>
  </x-slot:why>
</x-page>
