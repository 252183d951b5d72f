@props(['head', 'num' => '', 'acts' => false])
{{-- Columns by their labels; `num` names those that hold figures ("2 4"); with `acts` the last one holds buttons. --}}
<table {{ $attributes->merge(['class' => 'table']) }}>
  <thead>
    <tr>
      @foreach ($head as $i => $label)
        <th scope="col" @class([
            'num' => in_array((string) ($i + 1), explode(' ', $num), true),
        ])>{{ $label }}</th>
      @endforeach
      @if ($acts)
        <th scope="col"><span class="sr">{{ __('actions') }}</span></th>
      @endif
    </tr>
  </thead>
  <tbody>{{ $slot }}</tbody>
</table>
