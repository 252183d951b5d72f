<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * An invitation to an operation, not accepted yet; any person who opens its address, signed in, may accept it.
 *
 * @property string $id
 * @property string $operation_id
 * @property string|null $invited_by
 * @property string $whom  in the words of who invites
 * @property Role $role
 * @property string $secret  a hash of it
 * @property \Illuminate\Support\Carbon $expires_at
 * @property Operation $operation
 * @property User|null $inviter
 */
final class Invitation extends Model
{
    use HasUlids;

    public const DAYS = 14;

    protected $guarded = ['id'];

    protected $casts = ['role' => Role::class, 'expires_at' => 'immutable_datetime'];

    /** @return Builder<self> those that may still be accepted */
    public static function open(): Builder
    {
        return self::query()->where('expires_at', '>', now());
    }

    public static function hash(string $secret): string
    {
        return hash('sha256', $secret);
    }

    /** @return BelongsTo<Operation, $this> */
    public function operation(): BelongsTo
    {
        return $this->belongsTo(Operation::class);
    }

    /** @return BelongsTo<User, $this> */
    public function inviter(): BelongsTo
    {
        return $this->belongsTo(User::class, 'invited_by');
    }
}
