<x-page :title="__('Bin')">
  <h1>{{ __('Bin') }}</h1>
  <p class="sub">{{ __('Removed records stay here for 30 days.') }}</p>
  @if ($contents->isEmpty())
    <p class="empty">{{ __('The bin is empty.') }}</p>
  @else
    <x-table :head="[__('Hive'), __('What'), __('Removed')]" acts>
      @foreach ($contents as $one)
        <tr>
          <td>{{ $one->hive }}</td>
          <td>{{ ucfirst($one->record->label()) }}</td>
          <td>{{ $f->moment($one->record->deleted_at, $operation->time_zone) }}</td>
          <td>
            @can('manage')
              <x-form :action="route('account.bin.restore', [$one->kind, $one->record->id])" class="inline">
                <button class="link-btn">{{ __('restore') }} <span
                    class="sr">{{ $one->record->label() }}</span></button>
              </x-form>
            @endcan
          </td>
        </tr>
      @endforeach
    </x-table>
  @endif
</x-page>
