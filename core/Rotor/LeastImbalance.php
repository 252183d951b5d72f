<?php

declare(strict_types=1);

namespace Marjoram\Core\Rotor;

/** The least that a load can be out of balance, in g: closed forms for three, four and six frames, else by loading. */
final readonly class LeastImbalance
{
    public function __construct(private Rotor $rotor)
    {
    }

    /** @param  list<RotorFrame>  $part */
    public function of(array $part, int $slots): float
    {
        $g = array_map(static fn (RotorFrame $one): float => $one->g, $part);

        return match (true) {
            $slots === 3 && count($g) === 3 => self::threeWays($g[0], $g[1], $g[2]),
            $slots === 4 && count($g) === 4 => min(
                hypot($g[0] - $g[1], $g[2] - $g[3]),
                hypot($g[0] - $g[2], $g[1] - $g[3]),
                hypot($g[0] - $g[3], $g[1] - $g[2]),
            ),
            $slots === 6 && count($g) === 6 => self::ofSix($g),
            default => $this->rotor->load($slots, $part)->imbalanceG,
        };
    }

    /** The length of three masses that pull at 120 degrees to each other. */
    private static function threeWays(float $a, float $b, float $c): float
    {
        return sqrt(max(0.0, $a * $a + $b * $b + $c * $c - $a * $b - $b * $c - $c * $a));
    }

    /**
     * Six in balance are three pairs across: each pulls with what it differs by, and the three can be turned so that
     * they pull at 120 degrees. There are fifteen ways to pair six.
     *
     * @param  list<float>  $g
     */
    private static function ofSix(array $g): float
    {
        $least = INF;
        for ($i = 1; $i < 6; $i++) {
            $first = abs($g[0] - $g[$i]);
            [$p, $q, $r, $s] = array_values(array_diff_key($g, [0 => 0, $i => 0]));
            $least = min(
                $least,
                self::threeWays($first, abs($p - $q), abs($r - $s)),
                self::threeWays($first, abs($p - $r), abs($q - $s)),
                self::threeWays($first, abs($p - $s), abs($q - $r)),
            );
        }

        return $least;
    }
}
