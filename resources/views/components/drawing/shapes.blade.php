@props(['of', 'box' => null, 'code' => null])
@foreach ($of as $shape)
@if ($shape->closes)
</{{ $shape->tag }}>
@else
<{{ $shape->tag }}@foreach ($shape->attributes as $name => $value) {{ $name }}="{{ $value }}"@endforeach
@if ($box !== null && ($shape->attributes['data-box'] ?? null) === $box) aria-current="true"@endif
@if ($code !== null && ($shape->attributes['data-code'] ?? null) === $code) aria-current="true"@endif
@if ($shape->opens)
>
@elseif ($shape->words !== null)
>{{ $shape->words }}</{{ $shape->tag }}>
@else
/>
@endif
@endif
@endforeach
