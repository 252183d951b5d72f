<x-page :title="__('What was changed')">
  <h1>{{ __('What was changed') }}</h1>
  @if ($lines->isEmpty())
    <p class="empty">{{ __('Nothing has been changed yet. Every change will stand here, with who made it and when.') }}
    </p>
  @else
    <x-table :head="[__('When'), __('Who'), __('Hive'), __('What'), __('From and to')]">
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
