@props(['action', 'of' => null, 'words' => __('remove')])
<x-form :action="$action" method="delete" class="inline">
  <button class="link-btn">{{ $words }}@if ($of !== null)
      <span class="sr"> {{ $of }}</span>
    @endif
  </button>
</x-form>
