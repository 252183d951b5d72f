<section class="blk" id="members">
  <h2>{{ __('Members') }}</h2>
  @if (session('invitation'))
    <p class="notice" role="status"><code class="token">{{ session('invitation') }}</code></p>
  @endif
  <x-table :head="[__('Name'), __('Role')]" acts>
    @foreach ($members as $member)
      <tr>
        <td>{{ $member->user->name }}</td>
        <td>{{ __($member->role->value) }}</td>
        <td>
          @can('own')
            @if ($member->user_id !== $person->id)
              <x-form :action="route('account.members.update', $member->id)" method="put" class="row">
                <x-field
                  name="role"
                  :id="'role-' . $member->id"
                  :label="__('Role of :name', ['name' => $member->user->name])"
                  :value="$member->role->value"
                  :options="$choose->roles()"
                />
                <button class="btn small">{{ __('Change') }}</button>
              </x-form>
              <x-remove :action="route('account.members.destroy', $member->id)" :of="$member->user->name" />
            @endif
          @endcan
        </td>
      </tr>
    @endforeach
    @foreach ($invitations as $one)
      <tr>
        <td>{{ $one->whom }}</td>
        <td>
          {{ __($one->role->value) }},
          {{ __('invited until :day', ['day' => $f->date($one->expires_at)]) }}
        </td>
        <td>
          @can('own')
            <x-remove :action="route('account.invitations.destroy', $one->id)" :words="__('remove')" :of="$one->whom" />
          @endcan
        </td>
      </tr>
    @endforeach
  </x-table>
  @can('own')
    <x-form :action="route('account.members.invite')" class="row">
      <x-field
        name="whom"
        :label="__('New member\'s name')"
        maxlength="120"
        required
      />
      <x-field
        name="role"
        id="role-invited"
        :label="__('Role')"
        value="helper"
        :options="$choose->roles()"
      />
      <button class="btn">{{ __('Create an invitation') }}</button>
    </x-form>
  @endcan
</section>
