@props(['label' => __('New password'), 'again' => __('Repeat the new password'), 'isChange' => false])
<x-field
  name="password"
  type="password"
  :label="$label"
  :hint="__('10 to 72 characters')"
  required
  autocomplete="new-password"
/>
<x-field
  name="password_confirmation"
  type="password"
  :label="$again"
  required
  autocomplete="new-password"
/>
@if ($isChange)
  <label class="check">
    <input
      type="checkbox"
      name="end_tokens"
      value="1"
      checked
    >
    {{ __('Also remove the tokens of my programs') }}</label>
@endif
