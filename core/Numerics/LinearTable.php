<?php

declare(strict_types=1);

namespace Marjoram\Core\Numerics;

use Marjoram\Core\InvalidInput;

/** Piecewise linear interpolation of a table of at least two points; beyond its ends the last slope goes on. */
final readonly class LinearTable
{
    /** @var list<float> */
    private array $x;

    /** @var list<float> */
    private array $y;

    /**
     * @param  list<array{float, float}>  $points  in rising order of x
     *
     * @throws InvalidInput when there are fewer than two points or x does not rise
     */
    public function __construct(array $points)
    {
        if (count($points) < 2) {
            throw InvalidInput::because('A table needs two points.', 'two points or more');
        }
        foreach ($points as $i => $point) {
            if ($i > 0 && $point[0] <= $points[$i - 1][0]) {
                throw InvalidInput::because('The x of a table must rise.', 'rising x', "/$i");
            }
        }
        $this->x = array_column($points, 0);
        $this->y = array_column($points, 1);
    }

    public function at(float $x): float
    {
        $last = count($this->x) - 1;
        $i = 1;
        while ($i < $last && $x > $this->x[$i]) {
            $i++;
        }
        $share = ($x - $this->x[$i - 1]) / ($this->x[$i] - $this->x[$i - 1]);

        return $this->y[$i - 1] + $share * ($this->y[$i] - $this->y[$i - 1]);
    }
}
