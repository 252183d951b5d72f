@if ($sheet->lifted->kg > 0)
  {{ __('To lift: ~:kg with their boxes, ~:each for each of :people.', [
      'kg' => $f->kg($sheet->lifted->kg, 0),
      'each' => $f->kg($sheet->lifted->eachKg(), 0),
      'people' => $sheet->lifted->people,
  ]) }}
  @if ($sheet->lifted->beyond > 0)
    {{ trans_choice('{1} :count box is too heavy for one person:|[2,*] :count boxes are too heavy for one person:', $sheet->lifted->beyond) }}
    {{ __('two people, or the tilting stand.') }}
  @endif
@endif
