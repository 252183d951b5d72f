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
            'You are the only owner of :operation. Make another member an owner first, or remove the others.',
            ['operation' => $operation],
        ));
    }
}
