@props(['of', 'box' => null, 'code' => null])
@foreach ($of as $shape)
@if ($shape->closes)
</{{ $shape->tag }}>
@elseif ($shape->opens)
<{{ $shape->tag }}{{ $shape->attributes() }}@if ($shape->of !== null && ($shape->of === $box || $shape->of === $code)) aria-current="true"@endif>
@elseif ($shape->words !== null)
<{{ $shape->tag }}{{ $shape->attributes() }}>{{ $shape->words }}</{{ $shape->tag }}>
@else
<{{ $shape->tag }}{{ $shape->attributes() }}/>
@endif
@endforeach
