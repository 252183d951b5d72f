<input type="hidden" name="_key" value="{{ (string) Illuminate\Support\Str::ulid() }}">
