<?php

declare(strict_types=1);

namespace App\Pages\Account;

use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Str;

/** Accounts that wait for their letter to be opened, for a day. */
final readonly class PendingSignUps
{
    private const SECONDS = 86400;

    /** @return string the token that the letter carries; only its hash is stored */
    public function keep(AskedAccount $asked): string
    {
        $token = Str::random(40);
        Cache::put(self::key($token), [$asked->name, $asked->email, $asked->passwordHash], self::SECONDS);

        return $token;
    }

    public function find(string $token): ?AskedAccount
    {
        return self::read(Cache::get(self::key($token)));
    }

    /** Returns the account once; a second call finds nothing. */
    public function take(string $token): ?AskedAccount
    {
        return self::read(Cache::pull(self::key($token)));
    }

    private static function read(mixed $stored): ?AskedAccount
    {
        return is_array($stored) && count($stored) === 3 ? new AskedAccount(...array_map(strval(...), $stored)) : null;
    }

    private static function key(string $token): string
    {
        return 'sign-up.'.hash('sha256', $token);
    }
}
