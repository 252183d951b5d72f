@if ($board->worth === [])
  <p class="empty">{{ __('No super is in doubt today.') }}</p>
@endif
@foreach ($board->worth as $row)
  @include('assess.row')
@endforeach
@if ($board->judged() !== [])
  <x-disclosure :summary="__('supers with a verdict') . ' (' . count($board->judged()) . ')'" :open="$board->worth === []">
    @foreach ($board->judged() as $row)
      @include('assess.row')
    @endforeach
  </x-disclosure>
@endif
