<x-page :title="__('Frame :mark', ['mark' => $frame->mark])" stage="honey-room" :yard="$frame->harvest->apiary->slug">
  <div class="hd">
    <h1>{{ __('Frame :mark', ['mark' => $frame->mark]) }}</h1>
    @if ($frame->harvest->lot)
      <span class="sub">
        <a
          href="{{ route('honey-room.lot', $frame->harvest->lot->id) }}">{{ __('lot :lot', ['lot' => $frame->harvest->lot->code]) }}</a>
      </span>
    @endif
  </div>
  <p>
    {{ __('estimated ~:kg', ['kg' => $f->kg($frame->estimate_kg)]) }}@if ($frame->allotted_kg !== null)
      , {{ __('allotted :kg', ['kg' => $f->kg($frame->allotted_kg)]) }}
    @endif
  </p>
  <x-table class="stack" :head="[__('Day'), __('What'), __('From'), __('To'), __('Comb')]">
    @foreach ($moves as $move)
      <tr>
        <td data-label="{{ __('Day') }}">{{ $f->date($move->moved_on) }}</td>
        <td data-label="{{ __('What') }}">{{ __($move->why->value) }}</td>
        <td data-label="{{ __('From') }}">
          {{ $move->from === null ? '–' : $move->from->code . ', ' . $move->fromBox?->mark . ', ' . $move->from_slot }}
        </td>
        <td data-label="{{ __('To') }}">
          {{ $move->to === null ? '–' : $move->to->code . ', ' . $move->toBox?->mark . ', ' . $move->to_slot }}
        </td>
        <td data-label="{{ __('Comb') }}">{{ $move->comb_year }}
          {{ $combs[$move->comb] ?? '' }}</td>
      </tr>
    @endforeach
  </x-table>
</x-page>
