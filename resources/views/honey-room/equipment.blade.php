<x-page :title="__('Room and machine')" stage="honey-room" :wall="true">
  <h1>{{ __('Room and machine') }}</h1>
  @include('honey-room.tabs')
  <section class="blk">
    <h2>{{ __('Extractor') }}</h2>
    @can('manage')
      <x-form :action="route('honey-room.equipment.machine')" method="put" class="row">
        <x-field
          name="extractor"
          type="number"
          min="2"
          max="120"
          :label="__('Frames in the extractor')"
          :value="$operation->extractor"
        />
        <x-field
          name="radius"
          type="number"
          step="0.1"
          :label="__('Shaft to comb middle, :unit', ['unit' => $f->lengths->handUnit()])"
          :value="$f->lengths->hand($operation->extractor_radius_cm)"
        />
        <x-field
          name="turns"
          :label="__('Frames are placed')"
          :value="$operation->extractor_radial ? 'radial' : 'tangential'"
          :options="[
              'tangential' => __('a side outwards, and are turned'),
              'radial' => __('like spokes: both sides at once'),
          ]"
        />
        <x-field
          name="rpm"
          type="number"
          min="30"
          max="1000"
          :label="__('Most turns per minute')"
          :value="$operation->extractor_rpm"
        />
        <x-field
          name="force"
          type="number"
          min="10"
          max="5000"
          :label="__('Allowed pull, N')"
          term="pull at the shaft"
          :hint="__('150 N: the weight of a full shallow super')"
          :value="$operation->extractor_force_n"
        />
        <button class="btn go">{{ __('Save') }}</button>
      </x-form>
    @else
      <p>{{ trans_choice('{1} :count frame|[2,*] :count frames', $operation->extractor) }}</p>
    @endcan
  </section>
  @can('manage')
    <section class="blk">
      <h2>{{ __('Sensor and scale') }}</h2>
      <x-form :action="route('honey-room.equipment.devices')" method="put" class="row">
        <x-field
          name="room_sensor"
          :label="__('Sensor\'s address')"
          :hint="__('or: stand-in')"
          :value="$operation->room_sensor"
        />
        <x-field
          name="bench_scale"
          :label="__('Scale\'s address')"
          :hint="__('or: stand-in')"
          :value="$operation->bench_scale"
        />
        <button class="btn go">{{ __('Save') }}</button>
      </x-form>
    </section>
  @endcan
  <section class="blk">
    <h2>{{ __('Kinds of bucket') }}</h2>
    @if ($buckets->isEmpty())
      <p class="empty">{{ __('No kind yet. Weigh an empty bucket once; then its tare is one tap.') }}</p>
    @else
      <x-table :head="[__('Name'), __('Empty'), __('Holds')]" num="2 3" acts>
        @foreach ($buckets as $kind)
          <tr>
            <td>{{ $kind->name }}</td>
            <td class="num">{{ $f->kg($kind->tare_kg, 2) }}</td>
            <td class="num">{{ $f->kg($kind->holds_kg, 1) }}</td>
            <td>
              @can('manage')
                <x-remove :action="route('honey-room.bucket-kinds.destroy', $kind->id)" :of="$kind->name" />
              @endcan
            </td>
          </tr>
        @endforeach
      </x-table>
    @endif
    @can('manage')
      <x-form :action="route('honey-room.bucket-kinds.store')" class="row">
        <x-field name="name" :label="__('Name')" required />
        <x-field
          name="tare"
          type="number"
          step="0.01"
          min="0"
          :label="__('Empty bucket, :unit', ['unit' => $f->massUnit()])"
          :hint="__('weigh one; if left empty: about 4.5 % of a full bucket')"
        />
        <x-field
          name="holds"
          type="number"
          step="0.1"
          min="0.1"
          :label="__('Holds, :unit', ['unit' => $f->massUnit()])"
          :hint="__('5 US gallons: about 60 lb')"
          required
        />
        <button class="btn">{{ __('Save') }}</button>
      </x-form>
    @endcan
  </section>
  <section class="blk">
    <h2>{{ __('Kinds of jar') }}</h2>
    @if ($jars->isEmpty())
      <p class="empty">{{ __('None yet.') }}</p>
    @else
      <x-table :head="[__('Name'), __('Net, g'), __('Empty jars'), __('Ordered'), __('Price')]" num="2 3 4 5" acts>
        @foreach ($jars as $kind)
          <tr>
            <td>{{ $kind->name }}</td>
            <td class="num">{{ $kind->net_g }}</td>
            <td class="num">{{ $kind->stock }}</td>
            <td class="num">{{ $kind->ordered }}</td>
            <td class="num">{{ $kind->price === null ? '–' : number_format($kind->price, 2) }}</td>
            <td>
              @can('manage')
                <x-remove :action="route('honey-room.jar-kinds.destroy', $kind->id)" :of="$kind->name" />
              @endcan
            </td>
          </tr>
        @endforeach
      </x-table>
    @endif
    @can('manage')
      <x-form :action="route('honey-room.jar-kinds.store')" class="row">
        <x-field
          name="name"
          id="jar-name"
          :label="__('Name')"
          :hint="__('an existing name is changed')"
          required
        />
        <x-field
          name="net_g"
          type="number"
          min="5"
          max="10000"
          :label="__('Net, g')"
          required
        />
        <x-field
          name="stock"
          type="number"
          min="0"
          :label="__('Empty jars')"
        />
        <x-field
          name="returned"
          type="number"
          min="0"
          :label="__('Returned, washed')"
        />
        <x-field
          name="ordered"
          type="number"
          min="0"
          :label="__('Ordered')"
        />
        <x-field
          name="price"
          type="number"
          step="0.01"
          min="0"
          :label="__('Price')"
        />
        <button class="btn">{{ __('Save') }}</button>
      </x-form>
    @endcan
  </section>
  <x-slot:why>
    <p class="lab">{{ __('What for') }}</p>
    <p>{{ __('Radius and speed decide how hard an imbalance pulls and how long a side takes.') }}</p>
    <p>{{ __('A real sensor answers GET /air with temperature_c and humidity_pct; a scale GET /weight with kg.') }}</p>
  </x-slot:why>
</x-page>
