<x-page :title="__('What was changed')">
  <h1>{{ __('What was changed') }}</h1>
  @if ($lines->isEmpty())<p class="empty">{{ __('Nothing has been changed yet. Every change will stand here, with who made it and when.') }}</p>@else
  <table class="table"><thead><tr><th>{{ __('When') }}</th><th>{{ __('Who') }}</th><th>{{ __('What') }}</th><th>{{ __('From and to') }}</th></tr></thead><tbody>
  @foreach ($lines as $line)
    <tr><td>{{ $f->moment($line->created_at, $operation->time_zone) }}</td><td>{{ $people[$line->causer_id] ?? '–' }}</td>
      <td>{{ $line->log_name === 'undo' ? __('undo') : $undo->words($line) }}@if ($line->undone_at) <span class="soft">({{ __('undone') }})</span>@endif</td>
      <td class="soft">@foreach (array_slice($line->properties['attributes'] ?? [], 0, 6) as $key => $value)@if (is_scalar($value) && ! str_ends_with($key, '_id') && $key !== 'id')<span>{{ str_replace('_', ' ', $key) }} {{ isset($line->properties['old'][$key]) && is_scalar($line->properties['old'][$key]) ? $line->properties['old'][$key].' → ' : '' }}{{ Str::limit((string) $value, 30) }};</span> @endif @endforeach</td></tr>
  @endforeach</tbody></table>
  <div class="btns blk">@if ($lines->previousPageUrl())<a class="btn" href="{{ $lines->previousPageUrl() }}">{{ __('Newer') }}</a>@endif @if ($lines->nextPageUrl())<a class="btn" href="{{ $lines->nextPageUrl() }}">{{ __('Older') }}</a>@endif</div>@endif
</x-page>
