<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Apiary\Operation\CurrentOperation;
use App\Models\Membership;
use App\Models\Operation;
use App\Models\Role;
use App\Models\User;
use Illuminate\Database\Eloquent\Factories\Factory;

/**
 * An operation with nothing in it, on a day in August that stands still.
 *
 * @extends Factory<Operation>
 */
final class OperationFactory extends Factory
{
    public const TODAY = '2026-08-04';

    protected $model = Operation::class;

    /** @return array<string, mixed> */
    public function definition(): array
    {
        return [
            'name' => 'Three hives',
            'time_zone' => 'Europe/Stockholm',
            'latitude' => 58.0,
            'demo_today' => self::TODAY,
        ];
    }

    /** With a keeper who works in it: records made afterwards are of it. */
    public function entered(?User $keeper = null, Role $role = Role::Owner): self
    {
        return $this->afterCreating(static function (Operation $operation) use ($keeper, $role): void {
            $keeper ??= UserFactory::new()->createOne();
            assert($keeper instanceof User);
            $member = ['operation_id' => $operation->id, 'user_id' => $keeper->id, 'role' => $role];
            Membership::query()->create($member);
            $keeper->forceFill(['current_operation_id' => $operation->id])->save();
            app(CurrentOperation::class)->enter($operation, $role);
        });
    }
}
