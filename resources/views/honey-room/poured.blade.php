{{-- Where the honey of a bucket went, and what is left in it. --}}
@foreach ($bucket->pours as $pour)
  <span class="sub">{{ $f->kg($pour->kg, 2) }}
    @if ($pour->batch)
      → <a class="link" href="{{ route('honey-room.batch', $pour->batch->id) }}">{{ $pour->batch->code }}</a>
    @else
      {{ $away[$pour->why->value] ?? '' }}
    @endif
  </span>
  @can('manage')
    <x-remove :action="route('honey-room.pours.destroy', $pour->id)" :of="$bucket->number" :words="__('remove')" />
  @endcan
@endforeach
@if ($bucket->leftKg() > 0.05)
  @can('record')
    <details class="more-of">
      <summary>{{ __(':kg in this bucket; the rest elsewhere', ['kg' => $f->kg($bucket->leftKg(), 2)]) }}<span
          class="sr"
        >,
          {{ __('bucket :n', ['n' => $bucket->number]) }}</span></summary>
      <x-form :action="route('honey-room.pours.store', $bucket->id)" class="row">
        <x-field
          name="why"
          id="why-{{ $bucket->id }}"
          :label="__('Use')"
          :options="$away"
        />
        <x-field
          name="kg"
          id="away-{{ $bucket->id }}"
          type="number"
          step="0.01"
          min="0.01"
          inputmode="decimal"
          :label="__('Amount, :unit', ['unit' => $f->massUnit()])"
          :hint="__('empty: all of it')"
        />
        <button class="btn">{{ __('Note') }}</button>
      </x-form>
    </details>
  @endcan
@endif
