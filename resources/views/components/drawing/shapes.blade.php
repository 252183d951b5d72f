@props(['of', 'box' => null, 'code' => null])
@foreach ($of as $shape)
@if ($shape->closes)
</{{ $shape->tag }}>
@elseif ($shape->opens)
<{{ $shape->tag }}{{ $shape->printed() }}@if ($shape->isOf($box, $code)) aria-current="true"@endif>
@elseif ($shape->words !== null)
<{{ $shape->tag }}{{ $shape->printed() }}>{{ $shape->words }}</{{ $shape->tag }}>
@else
<{{ $shape->tag }}{{ $shape->printed() }}/>
@endif
@endforeach
