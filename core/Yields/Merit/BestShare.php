<?php

declare(strict_types=1);

namespace Marjoram\Core\Yields\Merit;

use Marjoram\Core\Numerics\Normal;

/**
 * How likely each is to be among the best, all being known as well as they are: over her own merit, that few enough of
 * the others are better. Their number is counted exactly among few, by a normal distribution among many (a sum of
 * many independent chances); no draws, so nothing depends on a seed.
 */
final readonly class BestShare
{
    private const NODES = 32;

    private const WIDE = 4.0;

    /** Up to so many are counted exactly. */
    private const FEW = 40;

    private const GRID = 240;

    /**
     * @param  list<float>  $merits
     * @param  list<float>  $sds
     * @return list<float> by place
     */
    public static function of(array $merits, array $sds, float $share): array
    {
        $n = count($merits);
        if ($merits === [] || $sds === []) {
            return [];
        }
        $best = max(1, (int) round($share * $n));
        $sds = array_map(static fn (float $sd): float => max(1e-9, $sd), $sds);

        return $n <= self::FEW ? self::exactly($merits, $sds, $best) : self::about($merits, $sds, $best);
    }

    /**
     * @param  list<float>  $merits
     * @param  list<float>  $sds
     * @return list<float>
     */
    private static function exactly(array $merits, array $sds, int $best): array
    {
        $fewer = static function (int $i, float $at) use ($merits, $sds, $best): float {
            $chances = [1.0] + array_fill(0, $best, 0.0);
            foreach ($merits as $j => $merit) {
                if ($j !== $i) {
                    $p = Normal::cdf(($merit - $at) / $sds[$j]);
                    for ($k = $best - 1; $k > 0; $k--) {
                        $chances[$k] = $chances[$k] * (1.0 - $p) + $chances[$k - 1] * $p;
                    }
                    $chances[0] *= 1.0 - $p;
                }
            }

            return array_sum(array_slice($chances, 0, $best));
        };

        return self::over($merits, $sds, $fewer);
    }

    /**
     * @param  non-empty-list<float>  $merits
     * @param  non-empty-list<float>  $sds
     * @return list<float>
     */
    private static function about(array $merits, array $sds, int $best): array
    {
        $lo = min($merits) - (self::WIDE + 0.5) * max($sds);
        $step = (max($merits) + (self::WIDE + 0.5) * max($sds) - $lo) / self::GRID;
        $means = $variances = [];
        for ($g = 0; $g <= self::GRID; $g++) {
            $mean = $variance = 0.0;
            foreach ($merits as $j => $merit) {
                $p = Normal::cdf(($merit - $lo - $g * $step) / $sds[$j]);
                $mean += $p;
                $variance += $p * (1.0 - $p);
            }
            [$means[], $variances[]] = [$mean, $variance];
        }
        $fewer = static function (int $i, float $at) use ($merits, $sds, $best, $lo, $step, $means, $variances): float {
            $place = max(0.0, min(self::GRID - 1e-9, ($at - $lo) / $step));
            $g = (int) $place;
            $part = $place - $g;
            $p = Normal::cdf(($merits[$i] - $at) / $sds[$i]);
            $mean = $means[$g] + $part * ($means[$g + 1] - $means[$g]) - $p;
            $variance = $variances[$g] + $part * ($variances[$g + 1] - $variances[$g]) - $p * (1.0 - $p);

            return Normal::cdf(($best - 0.5 - $mean) / sqrt(max(1e-9, $variance)));
        };

        return self::over($merits, $sds, $fewer);
    }

    /**
     * @param  list<float>  $merits
     * @param  list<float>  $sds
     * @param  callable(int, float): float  $fewer  how likely too few others are better than so much
     * @return list<float>
     */
    private static function over(array $merits, array $sds, callable $fewer): array
    {
        $chances = [];
        foreach ($merits as $i => $merit) {
            $sum = $weights = 0.0;
            for ($k = 0; $k <= self::NODES; $k++) {
                $z = self::WIDE * (2.0 * $k / self::NODES - 1.0);
                $weight = Normal::pdf($z);
                $sum += $weight * $fewer($i, $merit + $sds[$i] * $z);
                $weights += $weight;
            }
            $chances[] = $sum / $weights;
        }

        return $chances;
    }
}
