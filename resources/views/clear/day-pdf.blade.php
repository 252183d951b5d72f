<!doctype html>
<html lang="en">
<head><meta charset="utf-8"><title>{{ $f->date($day) }}</title></head>
<body>
<h1>{{ $f->weekday($day) }} {{ $day->format('Y') }}</h1>
<p>@if ($lifted['kg'] > 0){{ __('To lift: ~:kg with their boxes, ~:each for each of :people.', ['kg' => $f->kg($lifted['kg'], 0), 'each' => $f->kg($lifted['each'], 0), 'people' => $lifted['people']]) }} @if ($lifted['beyond'] > 0){{ trans_choice('{1} :count box is beyond one back: two people, or the tilting stand.|[2,*] :count boxes are beyond one back: two people, or the tilting stand.', $lifted['beyond']) }}@endif @endif</p>
<h2>{{ __('To load') }}</h2>
<table>@foreach ($load as [$count, $words])<tr><td>&#9744;</td><td class="n">{{ $count }}</td><td>{{ $words }}</td></tr>@endforeach</table>
@foreach ($stops as $n => $stop)
<h2>{{ $stop->sameStop ? __('also') : ($number = ($number ?? 0) + 1).'.' }} {{ $stop->plan->apiary->name }}: {{ $stop->places ? __('boards on') : __('supers in') }}</h2>
<p>@if (! $stop->sameStop){{ __(':m drive', ['m' => $f->minutes($stop->driveMin)]) }}, @endif{{ App\Wording\MethodNames::word($stop->plan->method) }}@if ($stop->places). {{ __('Each board right side up, under the supers that come off and above all that stays; tape every gap and upper entrance.') }}@endif @if ($stop->belowMin > 0) {{ __('First move below what stays (:n min): only what stands above a board is cleared.', ['n' => $stop->belowMin]) }}@endif</p>
<table>@foreach ($stop->byHive as $code => $items)@foreach ($stop->toLookAt((string) $code, $items) as $box)<tr><td>&#9744;</td><td><b>{{ $code }}</b></td><td>{{ __('Look first: :box was not ripe when it was last seen.', ['box' => $box->name()]) }}</td><td></td></tr>@endforeach @foreach ($stop->below[$code] ?? [] as $box)<tr><td>&#9744;</td><td><b>{{ $code }}</b></td><td>{{ __('below first: :box, ~:kg', ['box' => $box->name(), 'kg' => $f->kg($box->honey->grossKg, 0)]) }}</td><td></td></tr>@endforeach
@foreach ($items as $item)@php($box = $stop->box((string) $code, $item->box_id))@php($lift = $stop->lifts[$item->box_id] ?? null)<tr><td>{!! ($stop->places ? $item->placed_at : $item->collected_at) ? '&#9745;' : '&#9744;' !!}</td><td><b>{{ $code }}</b></td><td>{{ $stop->places ? __('above the board:') : '' }} {{ $item->box->mark }}@if ($box), {{ $box->name() }}@endif</td><td>@if ($box && ! $stop->places)~{{ $f->kg($box->honey->grossKg, 0) }}@if ($lift && $lift->index > 1), {{ __($lift->advice()->value) }}@endif @endif</td></tr>@endforeach @endforeach</table>
@endforeach
<p class="caution">{{ __('Heavy boxes: two people or a tilting stand. Smoker and dry grass: water at hand. Carry what your doctor prescribed; do not work alone.') }}</p>
</body>
</html>
