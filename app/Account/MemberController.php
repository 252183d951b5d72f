<?php

declare(strict_types=1);

namespace App\Account;

use App\Models\Role;
use App\Models\User;
use App\Operation\CurrentOperation;
use App\Support\Http\Saved;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;

final class MemberController
{
    public function store(Request $request, CurrentOperation $current): RedirectResponse
    {
        $values = $request->validate([
            'email' => ['required', 'email', 'max:190'],
            'role' => ['required', Rule::enum(Role::class)],
        ]);
        $user =
            User::query()->where('email', $values['email'])->first() ??
            throw ValidationException::withMessages(['email' => __('Nobody has signed up with this address yet.')]);
        if ($user->id === $request->user()?->id) {
            throw ValidationException::withMessages(['email' => __('Your own role is changed by another owner.')]);
        }
        $current
            ->get()
            ->memberships()
            ->updateOrCreate(['user_id' => $user->id], ['role' => $values['role']]);

        return Saved::at(route('account.show'), __(':name is a member now.', ['name' => $user->name]));
    }

    public function destroy(string $membership, Request $request, CurrentOperation $current): RedirectResponse
    {
        $found = $current->get()->memberships()->whereKey($membership)->firstOrFail();
        if ($found->user_id === $request->user()?->id) {
            throw ValidationException::withMessages(['member' => __('An operation keeps at least its owner.')]);
        }
        $found->delete();

        return Saved::at(route('account.show'), __('The member is removed.'));
    }
}
