@props(['name', 'value', 'on' => false])
<label class="check">
  <input
    type="checkbox"
    name="{{ $name }}"
    value="{{ $value }}"
    @checked($on)
  > <span>{{ $slot }}</span>
</label>
