@foreach ($towns as $town)
  <option value="{{ $town->label() }}"></option>
@endforeach
