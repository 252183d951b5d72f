<?php

declare(strict_types=1);

namespace App\Pages\Account;

use RuntimeException;

/** An operation with other members would be left without an owner. */
final class LastOwner extends RuntimeException
{
    public static function of(string $operation): self
    {
        return new self(__(
            'You are the only owner of :operation and others work in it. Make one of them an owner first, or remove them.',
            ['operation' => $operation],
        ));
    }
}
