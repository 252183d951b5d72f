@props(['name', 'label', 'type' => 'text', 'value' => null, 'hint' => null, 'options' => null, 'id' => null])
@php($fieldId = $id ?? 'f-'.$name.'-'.substr(md5($label), 0, 4))
@php($wrong = $errors->has($name))
<div class="field">
  <label for="{{ $fieldId }}">{{ $label }}</label>
  @if ($options !== null)
    <select id="{{ $fieldId }}" name="{{ $name }}" {{ $attributes }} @if ($wrong) aria-invalid="true" aria-describedby="{{ $fieldId }}-e" @endif>
      @foreach ($options as $key => $words)<option value="{{ $key }}" @selected((string) old($name, $value) === (string) $key)>{{ $words }}</option>@endforeach
    </select>
  @else
    <input id="{{ $fieldId }}" name="{{ $name }}" type="{{ $type }}" value="{{ $type === 'password' ? '' : old($name, $value) }}" {{ $attributes }} @if ($wrong) aria-invalid="true" aria-describedby="{{ $fieldId }}-e" @endif>
  @endif
  @if ($wrong)<span class="err" id="{{ $fieldId }}-e">{{ $errors->first($name) }}</span>@elseif ($hint !== null)<span class="hint">{{ $hint }}</span>@endif
</div>
