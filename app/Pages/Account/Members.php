<?php

declare(strict_types=1);

namespace App\Pages\Account;

use App\Models\Membership;
use App\Models\Operation;
use App\Models\Role;
use App\Models\User;
use Illuminate\Auth\Access\AuthorizationException;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Support\Collection;
use Illuminate\Validation\ValidationException;

/**
 * Changes who works in an operation and as what. All its memberships are locked before anything is decided, so that of
 * two owners who remove each other at the same time the second is no owner any more, and one owner always stays.
 */
final readonly class Members
{
    public function __construct(private Operation $operation)
    {
    }

    /** @throws ValidationException if it is the owner's own role */
    public function changeRole(string $membership, Role $role, User $by): Membership
    {
        $found = $this->find($membership, $by);
        if ($found->user_id === $by->id) {
            throw ValidationException::withMessages(['role' => __('Only another owner can change your role.')]);
        }
        $found->update(['role' => $role]);

        return $found;
    }

    /** @throws ValidationException if it is the owner's own membership */
    public function remove(string $membership, User $by): void
    {
        $found = $this->find($membership, $by);
        if ($found->user_id === $by->id) {
            throw ValidationException::withMessages(['member' => __('An operation needs at least one owner.')]);
        }
        $found->delete();
    }

    /**
     * @throws AuthorizationException if the person is not an owner any more
     * @throws ModelNotFoundException<Membership> if there is no such membership in this operation
     */
    private function find(string $membership, User $by): Membership
    {
        $all = $this->locked();
        if ($all->firstWhere('user_id', $by->id)?->role !== Role::Owner) {
            throw new AuthorizationException(__('Only an owner may do this. You are no longer an owner.'));
        }

        return $all->firstWhere('id', $membership)
            ?? throw (new ModelNotFoundException)->setModel(Membership::class, [$membership]);
    }

    /** @return Collection<int, Membership> as they are stored now, held until the transaction ends */
    private function locked(): Collection
    {
        return Membership::query()
            ->where('operation_id', $this->operation->id)
            ->orderBy('id')
            ->with('user')
            ->lockForUpdate()
            ->get();
    }
}
