<nav class="tabs" aria-label="{{ __('Time shown') }}">
  @foreach ($page->spans() as $span)
    <a
      href="{{ route('watch.yard', [$apiary->slug, ...$page->to($span)]) }}"
      @if ($span === $page->window()->span) aria-current="page" @endif
      @if ($span === $page->window()->span->nearer()) data-press="+" @endif
      @if ($span === $page->window()->span->further()) data-press="-" @endif
    >{{ $span->words() }}</a>
  @endforeach
  <a href="{{ route('watch.yard', [$apiary->slug, ...$page->to($page->window()->span, -1)]) }}"
    data-press="[">{{ __('Earlier') }}</a>
  <a href="{{ route('watch.yard', [$apiary->slug, ...$page->to($page->window()->span, 1)]) }}"
    data-press="]">{{ __('Later') }}</a>
</nav>
<x-scroll class="pan" :label="__('Chart of the flow')" data-pan>
  <x-drawing.picture :of="$picture" wide />
</x-scroll>
<p class="sub">
  {{ __('Dark: strong flow. Light: slow flow. Above: no flow. Height is the probability. Flags: boxes on or off. Dashed: to come.') }}
  @if ($page->readings() > 0)
    {{ trans_choice('{1} :count reading.|[2,*] :count readings.', $page->readings()) }}
  @endif
  {{ __('Keys + and − zoom, [ and ] move.') }}
</p>
@if ($page->difference($f) !== null)
  <p role="note">{{ $page->difference($f) }}</p>
@endif
<x-disclosure :summary="__('The chart as a table')">
  <x-table :head="[
      __('Day'),
      __('Gain, :unit', ['unit' => $f->massUnit()]),
      __('strong'),
      __('slow'),
      __('over'),
      __('could fly'),
  ]" num="2 3 4 5 6">
    @foreach ($page->days() as $day)
      <tr>
        <th scope="row">{{ $f->date($day->day) }}</th>
        <td class="num">{{ $day->gainKg === null ? '–' : $f->kg($day->gainKg, 2) }}</td>
        <td class="num">{{ $f->percent($day->state?->p->strong) }}</td>
        <td class="num">{{ $f->percent($day->state?->p->slow) }}</td>
        <td class="num">{{ $f->percent($day->state?->p->over) }}</td>
        <td class="num">{{ $f->percent($day->flight) }}</td>
      </tr>
    @endforeach
  </x-table>
  <p class="sub"><a
      href="{{ route('watch.days', [$apiary->slug, ...$page->to($page->window()->span)]) }}">{{ __('Download as CSV') }}</a>
  </p>
</x-disclosure>
