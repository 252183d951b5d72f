<x-page :title="__('Yields of earlier years')" stage="compare">
  <div class="hd">
    <h1>{{ __('Yields of earlier years') }}</h1>
    <span class="sub"><a href="{{ route('compare.out') }}">{{ __('Out and in') }}</a></span>
  </div>
  <p class="sub">
    {{ __('What each hive gave, in :unit. Leave empty what you do not know. You see a preview before anything is added.', ['unit' => $f->massUnit()]) }}
  </p>
  @if ($hives === [])
    <p class="empty">
      {{ __('No hive stands in your yards yet.') }}
      <a class="link" href="{{ route('yards.index') }}">{{ __('Add a yard') }}</a>
    </p>
  @else
    <x-form :action="route('compare.notes.park')">
      <x-scroll :label="__('Yields of earlier years')">
        <x-table :head="[__('Yard'), __('Hive'), ...$seasons]">
          @foreach ($hives as $hive => $yard)
            <tr>
              <td>{{ $yard }}</td>
              <th scope="row">{{ $hive }}</th>
              @foreach ($seasons as $season)
                <td class="field table-cell">
                  <input
                    name="cells[{{ $hive }}][{{ $season }}]"
                    inputmode="decimal"
                    size="5"
                    maxlength="12"
                    aria-label="{{ __('Hive :hive, :season', ['hive' => $hive, 'season' => $season]) }}"
                  >
                </td>
              @endforeach
            </tr>
          @endforeach
        </x-table>
      </x-scroll>
      <div class="btns blk"><button class="btn go">{{ __('Show a preview') }}</button></div>
    </x-form>
    <p class="sub">
      {{ __('For hives that are gone, paste rows or choose a sheet under "Out and in".') }}
    </p>
  @endif
</x-page>
