@props(['action', 'method' => 'post'])
<form method="post" action="{{ $action }}" {{ $attributes }}>@csrf<x-key/>@if ($method !== 'post')@method($method)@endif{{ $slot }}</form>
