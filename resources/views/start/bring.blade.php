<x-form
  :action="route('start.import')"
  class="row"
  enctype="multipart/form-data"
  id="bring"
>
  <input type="hidden" name="into" value="{{ $into }}">
  <div class="field">
    <label for="whole">{{ __('File of a whole operation (ZIP or JSON)') }}</label>
    <input
      id="whole"
      type="file"
      name="whole"
      accept=".json,.zip"
      required
      @if ($errors->has('whole')) aria-invalid="true" aria-describedby="whole-e" @endif
    >
    @if ($errors->has('whole'))
      <span class="err" id="whole-e">{{ $errors->first('whole') }}</span>
    @else
      <span
        class="hint">{{ __('At most :n MB. The whole file is imported, or nothing.', ['n' => $uploadMegabytes]) }}</span>
    @endif
  </div>
  <button class="btn">{{ __('Import the file') }}</button>
</x-form>
