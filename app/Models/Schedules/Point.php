<?php

declare(strict_types=1);

namespace App\Models\Schedules;

/** A place on the ground. */
final readonly class Point
{
    public function __construct(public float $latitude, public float $longitude)
    {
    }
}
