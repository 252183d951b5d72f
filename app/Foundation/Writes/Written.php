<?php

declare(strict_types=1);

namespace App\Foundation\Writes;

/** A write of an operation is stored: what hangs on it is to be made anew. */
final readonly class Written
{
    public function __construct(public string $operationId)
    {
    }
}
