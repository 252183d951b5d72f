@if ($board->worth === [])
  <p class="empty">{{ __('Nothing is in doubt here today.') }}</p>
@endif
@foreach ($board->worth as $row)
  @include('assess.row')
@endforeach
@if ($board->judged() !== [])
  <x-disclosure :summary="__('the judged supers') . ' (' . count($board->judged()) . ')'" :open="$board->worth === []">
    @foreach ($board->judged() as $row)
      @include('assess.row')
    @endforeach
  </x-disclosure>
@endif
