<x-page :title="__(App\Desk\PageComposer::STAGES[$stage])" :stage="$stage">
  <h1>{{ __(App\Desk\PageComposer::STAGES[$stage]) }}</h1>
  <p class="sub">{{ __('Choose a yard to see it drawn.') }}</p>
  <x-yardlist :stage="$stage"/>
</x-page>
