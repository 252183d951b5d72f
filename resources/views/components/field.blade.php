@props([
    'name',
    'label',
    'type' => 'text',
    'value' => null,
    'hint' => null,
    'options' => null,
    'id' => null,
    'term' => null,
])
@php($fieldId = $id ?? 'f-' . $name . '-' . substr(md5($label), 0, 4))
@php($dotted = str_replace(['[', ']'], ['.', ''], $name))
@php($wrong = $errors->has($dotted))
@php($firstWrong = $errors->keys()[0] ?? null)
@php($given = old($dotted, $value))
@php($shown = is_scalar($given) ? (string) $given : '')
<div class="field">
  @if ($term === null)
    <label for="{{ $fieldId }}">{{ $label }}</label>
  @else
    <div class="termed">
      <label for="{{ $fieldId }}">{{ $label }}</label>
      <x-term :of="$term" :id="'t-' . $fieldId" />
    </div>
  @endif
  @if ($options !== null)
    <select
      id="{{ $fieldId }}"
      name="{{ $name }}"
      {{ $attributes }}
      @if ($wrong) aria-invalid="true" @endif
      @if ($firstWrong === $dotted) autofocus @endif
      @if ($wrong || $hint !== null) aria-describedby="{{ $fieldId }}-e" @endif
    >
      @foreach ($options as $key => $words)
        <option value="{{ $key }}" @selected($shown === (string) $key)>{{ $words }}</option>
      @endforeach
    </select>
  @else
    <input
      id="{{ $fieldId }}"
      name="{{ $name }}"
      type="{{ $type }}"
      value="{{ $type === 'password' ? '' : $shown }}"
      {{ $attributes }}
      @if ($wrong) aria-invalid="true" @endif
      @if ($firstWrong === $dotted) autofocus @endif
      @if ($wrong || $hint !== null) aria-describedby="{{ $fieldId }}-e" @endif
    >
  @endif
  @if ($wrong)
    <span class="err" id="{{ $fieldId }}-e">{{ $errors->first($dotted) }}</span>
  @elseif ($hint !== null)
    <span class="hint" id="{{ $fieldId }}-e">{{ $hint }}</span>
  @endif
</div>
