<?php

declare(strict_types=1);

namespace App\Pages\Account;

use App\Foundation\Writes\RecordKinds;
use App\Models\Hive;
use App\Models\Membership;
use App\Models\Operation;
use App\Models\Role;
use App\Models\User;
use Illuminate\Support\Facades\DB;

/** Deletes an account, and with it the operations that nobody else works in. */
final readonly class Leaving
{
    /** @return list<Tie> one for each operation of the person */
    public function ties(User $person): array
    {
        $ties = [];
        foreach (Membership::query()->where('user_id', $person->id)->with('operation')->get() as $membership) {
            $others = Membership::query()
                ->where('operation_id', $membership->operation_id)
                ->where('user_id', '!=', $person->id)
                ->get();
            $hasOwner = $others->contains(static fn (Membership $other): bool => $other->role === Role::Owner);
            $ties[] = new Tie(
                $membership->operation,
                $others->isEmpty(),
                $others->isNotEmpty() && $membership->role === Role::Owner && ! $hasOwner,
                Hive::query()->withoutGlobalScopes()->where('operation_id', $membership->operation_id)->count(),
            );
        }

        return $ties;
    }

    /** @throws LastOwner and then nothing is deleted */
    public function leave(User $person): void
    {
        DB::transaction(function () use ($person): void {
            // Held until all is done, so that no other owner leaves or loses the role meanwhile.
            $mine = Membership::query()->where('user_id', $person->id)->select('operation_id');
            Membership::query()->whereIn('operation_id', $mine)->lockForUpdate()->get();
            foreach ($this->ties($person) as $tie) {
                if ($tie->isLastOwner) {
                    throw LastOwner::of($tie->operation->name);
                }
                if ($tie->isAlone) {
                    $this->delete($tie->operation);
                }
            }
            $person->tokens()->delete();
            DB::table('password_reset_tokens')->where('email', $person->email)->delete();
            User::query()->whereKey($person->id)->delete();
        }, 3);
    }

    /** All that was recorded in it, children first. */
    private function delete(Operation $operation): void
    {
        foreach (RecordKinds::classes() as $kind) {
            DB::table((new $kind)->getTable())->where('operation_id', $operation->id)->delete();
        }
        DB::table('operations')->where('id', $operation->id)->delete();
    }
}
