<section class="blk" id="tokens">
  <h2>{{ __('Tokens for programs') }}</h2>
  @if (session('token'))
    <p class="notice" role="status"><code class="token">{{ session('token') }}</code></p>
  @endif
  @if ($tokens->isEmpty())
    <p class="sub">{{ __('None. A program sends one with each request, in place of your password.') }}</p>
  @else
    <x-table :head="[__('Name'), __('May'), __('Last used')]" acts>
      @foreach ($tokens as $token)
        <tr>
          <td>{{ $token->name }}</td>
          <td>{{ $token->can('write') ? __('read and write') : __('read') }}</td>
          <td>{{ $token->last_used_at === null ? __('never') : $f->date($token->last_used_at) }}</td>
          <td>
            <x-remove :action="route('account.tokens.destroy', $token->id)" :words="__('take back')" :of="$token->name" />
          </td>
        </tr>
      @endforeach
    </x-table>
  @endif
  <x-form :action="route('account.tokens.store')" class="row">
    <x-field
      name="token_name"
      :label="__('For which program')"
      maxlength="60"
      required
    />
    <x-field name="may" :label="__('It may')" :options="['read' => __('read'), 'full' => __('read and write')]" />
    <button class="btn">{{ __('Make a token') }}</button>
  </x-form>
</section>
