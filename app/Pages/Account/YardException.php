<?php

declare(strict_types=1);

namespace App\Pages\Account;

/** A yard whose policy is not the operation's, with what it asks. */
final readonly class YardException
{
    public function __construct(public string $slug, public string $name, public string $words)
    {
    }
}
