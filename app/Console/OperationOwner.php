<?php

declare(strict_types=1);

namespace App\Console;

use App\Models\Membership;
use App\Models\Operation;
use App\Models\Role;
use App\Models\User;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;

/** Gives an operation an owner again, by whoever runs the installation; without arguments lists those without one. */
final class OperationOwner extends Command
{
    protected $signature = 'operation:owner
        {operation? : id of the operation}
        {email? : of the person who becomes its owner}';

    protected $description = 'Give an operation that has no owner an owner';

    public function handle(): int
    {
        $id = $this->argument('operation');
        if (! is_string($id)) {
            return $this->list();
        }
        $operation = Operation::query()->find($id);
        $person = User::query()->where('email', $this->argument('email') ?? '')->first();
        if ($operation === null || $person === null) {
            $this->error($operation === null
                ? "There is no operation with the id $id. Without arguments this command lists them."
                : 'Nobody has signed up with this email address.');

            return self::FAILURE;
        }
        DB::transaction(static fn (): Membership => Membership::query()->updateOrCreate(
            ['operation_id' => $operation->id, 'user_id' => $person->id],
            ['role' => Role::Owner],
        ));
        $this->info("$person->name is an owner of $operation->name.");

        return self::SUCCESS;
    }

    private function list(): int
    {
        $ownerless = Operation::query()
            ->whereNotIn('id', Membership::query()->where('role', Role::Owner)->select('operation_id'))
            ->orderBy('id')
            ->get();
        foreach ($ownerless as $operation) {
            $emails = Membership::query()->where('operation_id', $operation->id)->with('user')->get()
                ->map(static fn (Membership $one): string => $one->user->email);
            $this->line("$operation->id  $operation->name  ".($emails->implode(', ') ?: 'no members'));
        }
        if ($ownerless->isEmpty()) {
            $this->info('Every operation has an owner.');
        }

        return self::SUCCESS;
    }
}
