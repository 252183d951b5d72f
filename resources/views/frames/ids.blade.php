@foreach ($frames->ids() as $id)
  <input type="hidden" name="f[]" value="{{ $id }}" />
@endforeach
