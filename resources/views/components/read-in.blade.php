@props(['action', 'values', 'any', 'back', 'read'])
<x-form :action="$action" class="btns blk">
  <x-hidden :of="$values" />
  @if ($any)
    <button class="btn go">{{ __('Add them') }}</button>
  @endif
  <a class="btn" href="{{ $back }}">{{ __('Leave it') }}</a>
</x-form>
@if ($read->refusedInAll > 0)
  <section class="blk">
    <h2>{{ trans_choice('{1} :count line cannot be read|[2,*] :count lines cannot be read', $read->refusedInAll) }}</h2>
    <ul>
      @foreach ($read->refused as $why)
        <li>{{ $why }}</li>
      @endforeach
    </ul>
  </section>
@endif
