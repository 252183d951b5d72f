<?php

declare(strict_types=1);

namespace App\Pages\Account;

use App\Apiary\Operation\CurrentOperation;
use App\Foundation\Http\OwnAddress;
use App\Foundation\Http\Saved;
use App\Models\Invitation;
use App\Models\Role;
use App\Models\User;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Str;
use Illuminate\Validation\Rule;

/** Members come by an invitation that they accept, have their role changed by an owner, and go. */
final readonly class MemberController
{
    public function __construct(private CurrentOperation $current)
    {
    }

    /** Makes the address that the owner passes on; it is shown once. */
    public function invite(Request $request): RedirectResponse
    {
        $values = $request->validate([
            'whom' => ['required', 'string', 'max:120'],
            'role' => ['required', Rule::enum(Role::class)],
        ]);
        $secret = Str::random(40);
        Invitation::query()->create([
            'operation_id' => $this->current->get()->id,
            'invited_by' => $request->user()?->id,
            'whom' => $values['whom'],
            'role' => $values['role'],
            'secret' => Invitation::hash($secret),
            'expires_at' => now()->addDays(Invitation::DAYS),
        ]);

        return Saved::at(
            route('account.show').'#members',
            __('Send this address to :whom. It is shown only once.', ['whom' => $values['whom']]),
        )->with('invitation', OwnAddress::link('invitations.show', ['secret' => $secret]));
    }

    public function withdraw(string $invitation): RedirectResponse
    {
        Invitation::query()
            ->where('operation_id', $this->current->get()->id)
            ->whereKey($invitation)
            ->firstOrFail()
            ->delete();

        return Saved::at(route('account.show').'#members', __('The invitation is withdrawn.'));
    }

    public function update(Request $request, string $membership): RedirectResponse
    {
        $request->validate(['role' => ['required', Rule::enum(Role::class)]]);
        $role = $request->enum('role', Role::class) ?? Role::Viewer;
        $changed = $this->members()->changeRole($membership, $role, $this->person($request));

        return Saved::at(
            route('account.show').'#members',
            __('The role of :name is changed.', ['name' => $changed->user->name]),
        );
    }

    public function destroy(string $membership, Request $request): RedirectResponse
    {
        $this->members()->remove($membership, $this->person($request));

        return Saved::at(route('account.show').'#members', __('The member is removed.'));
    }

    private function members(): Members
    {
        return new Members($this->current->get());
    }

    private function person(Request $request): User
    {
        $user = $request->user();
        assert($user instanceof User);

        return $user;
    }
}
