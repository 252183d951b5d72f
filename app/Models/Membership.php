<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A person's role in an operation.
 *
 * @property string $id
 * @property string $operation_id
 * @property string $user_id
 * @property Role $role
 * @property User $user
 * @property Operation $operation
 */
final class Membership extends Model
{
    use HasUlids;

    protected $guarded = ['id'];

    protected $casts = ['role' => Role::class];

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return BelongsTo<Operation, $this> */
    public function operation(): BelongsTo
    {
        return $this->belongsTo(Operation::class);
    }
}
