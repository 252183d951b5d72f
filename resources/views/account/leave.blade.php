<x-plain :title="__('Delete my account')">
  <h1>{{ __('Delete my account') }}</h1>
  <p>{{ __('Your name, address, password and tokens are deleted at once. This cannot be undone.') }}</p>
  @if ($ties !== [])
    <ul>
      @foreach ($ties as $tie)
        <li>
          <strong>{{ $tie->operation->name }}</strong>:
          {{ $tie->words() }}
        </li>
      @endforeach
    </ul>
  @endif
  <p>{{ __('Download your data first: under Compare, Out and in.') }}</p>
  @error('sure')
    <p class="notice bad" role="alert">{{ $message }}</p>
  @enderror
  @if ($isHeld)
    <div class="btns"><a class="btn go" href="{{ route('account.show') }}#members">{{ __('To the members') }}</a></div>
  @else
    <form method="post" action="{{ route('leave.destroy') }}" class="narrow">
      @csrf
      @method('delete')
      <x-field
        name="password"
        type="password"
        :label="__('Your password')"
        required
        autocomplete="current-password"
      />
      <x-field
        name="sure"
        :label="__('Type the word delete')"
        required
        autocomplete="off"
      />
      <div class="btns">
        <button class="btn">{{ __('Delete my account') }}</button>
        <a class="btn go" href="{{ route('account.show') }}">{{ __('Cancel') }}</a>
      </div>
    </form>
  @endif
</x-plain>
