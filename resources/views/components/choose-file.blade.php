@props(['action', 'id', 'name' => 'file', 'label', 'accept', 'words'])
<x-form :action="$action" class="row" enctype="multipart/form-data">
  <div class="field">
    <label for="{{ $id }}">{{ $label }}</label>
    <input
      id="{{ $id }}"
      type="file"
      name="{{ $name }}"
      accept="{{ $accept }}"
      required
    >
  </div>
  <button class="btn go">{{ $words }}</button>
</x-form>
