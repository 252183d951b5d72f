<x-page :title="__('Changes')">
  <h1>{{ __('Changes') }}</h1>
  @if ($lines->isEmpty())
    <p class="empty">{{ __('No change yet. Each change will be listed here, with its author and time.') }}
    </p>
  @else
    <x-table :head="[__('When'), __('Who'), __('Hive'), __('What'), __('Old and new')]">
      @foreach ($rows as $row)
        <tr>
          <td>{{ $f->moment($row->at, $operation->time_zone) }}</td>
          <td>{{ $row->who ?? '–' }}</td>
          <td>{{ $row->hive }}</td>
          <td>{{ $row->what }}@if ($row->undone)
              <span class="soft">({{ __('undone') }})</span>
            @endif
          </td>
          <td class="soft">
            @foreach ($row->values as $value)
              <span>{{ $value }};</span>
            @endforeach
          </td>
        </tr>
      @endforeach
    </x-table>
    <div class="btns blk">
      @if ($lines->previousPageUrl())
        <a class="btn" href="{{ $lines->previousPageUrl() }}">{{ __('Newer') }}</a>
        @endif @if ($lines->nextPageUrl())
          <a class="btn" href="{{ $lines->nextPageUrl() }}">{{ __('Older') }}</a>
        @endif
    </div>
  @endif
</x-page>
