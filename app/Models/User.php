<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Foundation\Auth\User as Authenticatable;
use Laravel\Sanctum\HasApiTokens;
use Laravel\Sanctum\PersonalAccessToken;

/**
 * A person who signs in.
 *
 * @property string $id
 * @property string $name
 * @property string $email
 * @property string $password
 * @property array<string, mixed>|null $preferences
 * @property string|null $current_operation_id
 */
final class User extends Authenticatable
{
    /** @use HasApiTokens<PersonalAccessToken> */
    use HasApiTokens;

    use HasUlids;

    protected $guarded = ['id'];

    protected $attributes = ['preferences' => null, 'current_operation_id' => null, 'remember_token' => null];

    protected $hidden = ['password', 'remember_token'];

    protected $casts = ['preferences' => 'array', 'password' => 'hashed'];

    /** @return HasMany<Membership, $this> */
    public function memberships(): HasMany
    {
        return $this->hasMany(Membership::class);
    }
}
