<section class="blk" id="tokens">
  <h2>{{ __('Tokens for programs') }} <x-term of="token" /></h2>
  @if (session('token'))
    <p class="notice" role="status"><code class="token">{{ session('token') }}</code></p>
  @endif
  @if ($tokens->isEmpty())
    <p class="sub">{{ __('You have no token. A program sends a token with each request instead of your password.') }}
    </p>
  @else
    <x-table :head="[__('Name'), __('May'), __('Last used')]" acts>
      @foreach ($tokens as $token)
        <tr>
          <td>{{ $token->name }}</td>
          <td>{{ $token->can('write') ? __('read and write') : __('read') }}</td>
          <td>{{ $token->last_used_at === null ? __('never') : $f->date($token->last_used_at) }}</td>
          <td>
            <x-remove :action="route('account.tokens.destroy', $token->id)" :words="__('remove')" :of="$token->name" />
          </td>
        </tr>
      @endforeach
    </x-table>
  @endif
  <x-form :action="route('account.tokens.store')" class="row">
    <x-field
      name="token_name"
      :label="__('Name of the program')"
      maxlength="60"
      required
    />
    <x-field name="may" :label="__('Rights')" :options="['read' => __('read'), 'full' => __('read and write')]" />
    <button class="btn">{{ __('Create a token') }}</button>
  </x-form>
</section>
