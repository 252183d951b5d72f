<?php

declare(strict_types=1);

namespace Marjoram\Core\Rotor;

/** The slots of a rotor as directions: the imbalance of an order is the length of the sum of its masses. */
final readonly class Wheel
{
    /** @var list<float> */
    public array $x;

    /** @var list<float> */
    public array $y;

    public function __construct(public int $slots)
    {
        $turn = static fn (int $slot): float => 2.0 * M_PI * $slot / $slots;
        $this->x = array_map(static fn (int $slot): float => cos($turn($slot)), range(0, $slots - 1));
        $this->y = array_map(static fn (int $slot): float => sin($turn($slot)), range(0, $slots - 1));
    }

    /**
     * @param  array<int, float>  $masses  by slot, from 0
     * @return array{float, float}
     */
    public function sum(array $masses): array
    {
        $x = $y = 0.0;
        foreach ($masses as $slot => $mass) {
            $x += $mass * $this->x[$slot];
            $y += $mass * $this->y[$slot];
        }

        return [$x, $y];
    }
}
