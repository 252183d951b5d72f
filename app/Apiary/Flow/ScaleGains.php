<?php

declare(strict_types=1);

namespace App\Apiary\Flow;

/** What one of several weighed hives gained. */
final readonly class ScaleGains
{
    /** @param  array<string, float>  $kg  by date */
    public function __construct(public string $hiveId, public array $kg)
    {
    }

    /** Gain over its last days, kg. */
    public function sum(int $days): float
    {
        return array_sum(array_slice($this->kg, -$days));
    }
}
