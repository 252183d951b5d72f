<?php

declare(strict_types=1);

namespace App\Pages\Watch\Chart;

/** The weight of one hive through the window, thinned to what can be drawn. */
final readonly class WeightLine
{
    /** @param  list<array{int, float}>  $points  moment, kg */
    public function __construct(public string $hive, public array $points)
    {
    }
}
