<?php

declare(strict_types=1);

namespace App\Pages\Account;

use App\Models\User;

/** An account that a person has asked for. */
final readonly class AskedAccount
{
    public function __construct(public string $name, public string $email, public string $passwordHash)
    {
    }

    /** Creates the account, or returns the one that was made with this address in the meantime. */
    public function make(): User
    {
        return User::query()->createOrFirst(
            ['email' => $this->email],
            ['name' => $this->name, 'password' => $this->passwordHash],
        );
    }
}
