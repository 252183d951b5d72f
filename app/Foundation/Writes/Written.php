<?php

declare(strict_types=1);

namespace App\Foundation\Writes;

/** A write of an operation is stored: what depends on it is calculated again. */
final readonly class Written
{
    public function __construct(public string $operationId)
    {
    }
}
