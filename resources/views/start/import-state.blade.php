<div id="import" role="status"
  @if (!$import->state->isOver()) hx-get="{{ route('start.import.show', $import->id) }}"
  hx-trigger="every 1s"
  hx-swap="outerHTML" @endif
>
  @if ($import->state->value === 'done')
    <p>
      {{ trans_choice('{0} Its settings are read in.|{1} :count record is read in.|[2,*] :count records are read in.', $import->records) }}
      @if ($import->photographs > 0)
        {{ trans_choice('{1} :count photograph is read in.|[2,*] :count photographs are read in.', $import->photographs) }}
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
    <p class="err" role="alert">{{ __('Nothing was read in: :why.', ['why' => $import->reason]) }}</p>
    <p><a class="btn" href="{{ route('start.show') }}">{{ __('Choose another file') }}</a></p>
  @else
    <p>{{ $progress }}</p>
    <p class="sub">{{ __('You may leave this page: it goes on without you.') }}</p>
  @endif
</div>
