<input type="hidden" name="_key" value="{{ str()->ulid() }}" />
