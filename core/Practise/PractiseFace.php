<?php

declare(strict_types=1);

namespace Marjoram\Core\Practise;

use Marjoram\Core\Numerics\SeededRandom;

/**
 * A comb face with a known share of capped cells, to train the eye on.
 *
 * Bees cap from the top bar and the upper corners downwards along a ragged arch; islands of sealed and holes of open
 * cells are left on both sides of the edge, and the bottom corners are often not filled at all. The same seed always
 * gives the same face.
 */
final readonly class PractiseFace
{
    public const COLUMNS = 84;

    public const ROWS = 34;

    public const BLANK = 0;

    public const OPEN = 1;

    public const CAPPED = 2;

    /** @param  list<list<int>>  $cells  rows from the top, each cell BLANK, OPEN or CAPPED */
    private function __construct(public array $cells, public float $cappedShare)
    {
    }

    public static function draw(int $seed): self
    {
        $random = new SeededRandom($seed);
        $capped = $random->between(0.05, 0.98);
        $filled = min(1.0, $capped + $random->between(0.0, 0.45));
        $wave = self::wave($random, 0.16);
        $edge = self::wave($random, 0.1);
        $islands = self::islands($random);
        // Each cell's height is the order in which bees come to it; the arch makes the middle lower than the corners.
        $arch = $random->between(-0.15, 0.45);
        $height = $bottom = [];
        for ($row = 0; $row < self::ROWS; $row++) {
            for ($column = 0; $column < self::COLUMNS; $column++) {
                $x = ($column + 0.5) / self::COLUMNS;
                $y = ($row + 0.5) / self::ROWS;
                $height[] =
                    $y + $wave($x) + $arch * (0.25 - ($x - 0.5) ** 2) + $islands($x, $y) + $random->normal(0.0, 0.012);
                $bottom[] = $y + $edge($x) + 0.4 * ($x - 0.5) ** 2;
            }
        }

        return self::fill($height, $bottom, $capped, $filled);
    }

    /**
     * The lowest heights are capped, then the best of the rest is open.
     *
     * @param  list<float>  $height
     * @param  list<float>  $bottom
     */
    private static function fill(array $height, array $bottom, float $capped, float $filled): self
    {
        $cells = array_fill(0, count($height), self::BLANK);
        asort($height);
        $sealed = (int) round($capped * count($height));
        foreach (array_slice(array_keys($height), 0, $sealed) as $cell) {
            $cells[$cell] = self::CAPPED;
        }
        asort($bottom);
        $open = (int) round($filled * count($height)) - $sealed;
        foreach (array_keys($bottom) as $cell) {
            if ($open > 0 && $cells[$cell] === self::BLANK) {
                $cells[$cell] = self::OPEN;
                $open--;
            }
        }

        return new self(array_chunk(array_values($cells), self::COLUMNS), $sealed / count($height));
    }

    /** @return callable(float): float a smooth line across the face */
    private static function wave(SeededRandom $random, float $size): callable
    {
        $terms = [];
        foreach ([1.0, 2.0, 3.0, 5.0] as $frequency) {
            $terms[] = [$frequency, $random->normal(0.0, $size / $frequency), $random->between(0.0, 2.0 * M_PI)];
        }

        return static function (float $x) use ($terms): float {
            $sum = 0.0;
            foreach ($terms as [$frequency, $size, $phase]) {
                $sum += $size * sin(2.0 * M_PI * $frequency * $x + $phase);
            }

            return $sum;
        };
    }

    /** @return callable(float, float): float bumps that leave holes (positive) and islands (negative) */
    private static function islands(SeededRandom $random): callable
    {
        $bumps = [];
        for ($i = $random->integer(2, 9); $i > 0; $i--) {
            $bumps[] = [
                $random->uniform(),
                $random->uniform(),
                $random->between(0.02, 0.07),
                $random->between(-0.5, 0.5),
            ];
        }

        return static function (float $x, float $y) use ($bumps): float {
            $sum = 0.0;
            foreach ($bumps as [$u, $v, $radius, $size]) {
                // A face is about two and a half times as long as it is deep.
                $sum += $size * exp((-0.5 * (($x - $u) ** 2 + (($y - $v) / 2.5) ** 2)) / $radius ** 2);
            }

            return $sum;
        };
    }
}
