<?php

declare(strict_types=1);

namespace App\Foundation\Writes;

/** Event: a write of this operation is saved, so cached results of it are old. */
final readonly class Written
{
    public function __construct(public string $operationId)
    {
    }
}
