@if ($sheet->lifted->kg > 0)
  {{ __('To lift: ~:kg with their boxes, ~:each for each of :people.', [
      'kg' => $f->kg($sheet->lifted->kg, 0),
      'each' => $f->kg($sheet->lifted->eachKg(), 0),
      'people' => $sheet->lifted->people,
  ]) }}
  @if ($sheet->lifted->beyond > 0)
    {{ trans_choice('{1} :count box needs two people or the tilting stand.|[2,*] :count boxes need two people or the tilting stand.', $sheet->lifted->beyond) }}
  @endif
@endif
