<x-page :title="__(config('stages.names')[$stage])" :stage="$stage">
  <h1>{{ __(config('stages.names')[$stage]) }}</h1>
  <p class="sub">{{ __('Choose a yard to see it drawn.') }}</p>
  @if ($stage === 'clear')
    <p><a class="link" href="{{ route('clear.rounds.index') }}">{{ __('Plan a schedule over all yards') }}</a></p>
    @include('clear.after')
  @endif
  <x-yardlist :stage="$stage" />
</x-page>
