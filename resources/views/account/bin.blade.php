<x-page :title="__('Bin')">
  <h1>{{ __('Bin') }}</h1>
  <p class="sub">{{ __('What was removed lies here for 30 days.') }}</p>
  @if ($contents->isEmpty())
    <p class="empty">{{ __('The bin is empty.') }}</p>
  @else
    <table class="table">
      <thead>
        <tr>
          <th>{{ __('Hive') }}</th>
          <th>{{ __('What') }}</th>
          <th>{{ __('Removed') }}</th>
          <th><span class="sr">{{ __('what to do') }}</span></th>
        </tr>
      </thead>
      <tbody>
        @foreach ($contents as $one)
          <tr>
            <td>{{ $one->hive }}</td>
            <td>{{ ucfirst($one->record->label()) }}</td>
            <td>{{ $f->moment($one->record->deleted_at, $operation->time_zone) }}</td>
            <td>
              @can('manage')
                <x-form :action="route('account.bin.restore', [$one->kind, $one->record->id])" class="inline">
                  <button class="link-btn">{{ __('bring back') }} <span
                      class="sr">{{ $one->record->label() }}</span></button>
                </x-form>
              @endcan
            </td>
          </tr>
        @endforeach
      </tbody>
    </table>
  @endif
</x-page>
