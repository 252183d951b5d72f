<section class="blk">
  <h2>{{ __('Frames, by their carrying boxes') }}</h2>
  <x-table class="stack" :head="[__('Frame'), __('Carrying box'), __('Estimated'), __('Where is the super?')]" num="2 3">
    @foreach ($frames as $row)
      <tr>
        <td data-label="{{ __('Frame') }}">
          <a class="link" href="{{ route('frames.taken', $row->frame->id) }}"><b>{{ $row->frame->mark }}</b></a>
        </td>
        <td class="num" data-label="{{ __('Carrying box') }}">
          {{ $row->frame->carrier }}/{{ $row->frame->carrier_slot }}</td>
        <td class="num" data-label="{{ __('Estimated') }}">~{{ $f->kg($row->frame->estimate_kg) }}</td>
        <td data-label="{{ __('Where is the super?') }}">{{ $row->where() }}</td>
      </tr>
    @endforeach
  </x-table>
  @can('record')
    @if ($wet > 0)
      <x-form :action="route('frames.return', $lot->id)" class="row">
        <x-field
          name="to"
          id="wet-to"
          :label="trans_choice('{1} Place of the frame|[2,*] Place of :count frames', $wet)"
          value="home"
          :options="[
              'home' => __('back to hive, box and slot by its mark, or the nearest gap'),
              'store' => __('into store, by their marks'),
          ]"
        />
        <x-field
          name="on"
          id="wet-on"
          type="date"
          :label="__('Day')"
          :hint="__('empty: today')"
        />
        <button class="btn">{{ __('Save the places') }}</button>
      </x-form>
      <p class="caution">
        {{ __('Wet frames attract robbers: give them back in the evening, to their own hives or only to healthy ones (disease).') }}
      </p>
    @endif
  @endcan
</section>
