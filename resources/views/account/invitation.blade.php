<x-plain :title="__('Invitation')">
  <h1>{{ $invitation->operation->name }}</h1>
  <p>
    {{ __(':who invites you to work in :operation as :role.', [
        'who' => $invitation->inviter->name ?? __('An owner'),
        'operation' => $invitation->operation->name,
        'role' => __($invitation->role->value),
    ]) }}
  </p>
  <p class="sub">
    {{ __('You are signed in as :name (:email).', ['name' => $person->name, 'email' => $person->email]) }}</p>
  <x-form :action="route('invitations.accept', $secret)">
    <div class="btns">
      <button class="btn go">{{ __('Accept') }}</button>
      <a class="btn" href="/">{{ __('Not now') }}</a>
    </div>
  </x-form>
</x-plain>
