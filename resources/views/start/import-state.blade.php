<div id="import" role="status"
  @if (!$import->state->isOver()) hx-get="{{ route('start.import.show', $import->id) }}"
  hx-trigger="every 1s"
  hx-swap="outerHTML" @endif
>
  @if ($import->state->value === 'done')
    <p>
      {{ trans_choice('{0} The settings are imported.|{1} :count record is imported.|[2,*] :count records are imported.', $import->records) }}
      @if ($import->photographs > 0)
        {{ trans_choice('{1} :count photograph is imported.|[2,*] :count photographs are imported.', $import->photographs) }}
      @endif
    </p>
    @if ($import->photographs_missing > 0)
      <p class="caution">
        {{ trans_choice('{1} :count photograph is not in the file.|[2,*] :count photographs are not in the file.', $import->photographs_missing) }}
        {{ __('The ZIP of the same operation holds them.') }}
      </p>
    @endif
    <p><a class="btn go" href="{{ route('desk') }}">{{ __('Open the operation') }}</a></p>
  @elseif ($import->state->value === 'refused')
    <p class="err" role="alert">{{ __('Nothing was imported: :why.', ['why' => $import->reason]) }}</p>
    <p><a class="btn" href="{{ route('start.show') }}">{{ __('Choose another file') }}</a></p>
  @else
    <p>{{ $progress }}</p>
    <p class="sub">{{ __('You may leave this page. The import continues.') }}</p>
  @endif
</div>
