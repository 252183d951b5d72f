<?php

declare(strict_types=1);

namespace Marjoram\Core\Ripeness;

use Marjoram\Core\Numerics\Normal;

/**
 * Outer frames that bees have not built on, on each side of the box: how many, by the frames seen.
 */
final readonly class UnbuiltOuter
{
    /** Below this fill an outer frame may be unbuilt. */
    private const MOST_FILL = 0.3;

    private const LEAST_WEIGHT = 0.002;

    /**
     * @param  list<array{int, int, float}>  $runs  frames unbuilt from the first and from the last slot, probability
     * @param  array<int, float>  $built  by slot: probability that its comb is built
     */
    private function __construct(public array $runs, public array $built)
    {
    }

    /** @param  array<int, SeenFrame>  $seen  by slot */
    public static function of(int $frames, array $seen): self
    {
        $most = (int) floor(0.3 * $frames + 0.5);
        $ratios = self::ratios($frames, $most, $seen);
        $runs = [];
        for ($left = 0; $left <= $most; $left++) {
            for ($right = 0; $right <= $most && ($left === 0 || $left + $right < $frames); $right++) {
                $weight = self::prior($left, $right, $most);
                for ($slot = 1; $slot <= $left; $slot++) {
                    $weight *= $ratios[$slot] ?? 1.0;
                }
                for ($slot = $frames; $slot > $frames - $right; $slot--) {
                    $weight *= $ratios[$slot] ?? 1.0;
                }
                $runs[] = [$left, $right, $weight];
            }
        }
        $sum = array_sum(array_column($runs, 2));
        $built = array_fill(1, $frames, 0.0);
        $kept = [];
        foreach ($runs as [$left, $right, $weight]) {
            $weight /= $sum;
            for ($slot = $left + 1; $slot <= $frames - $right; $slot++) {
                $built[$slot] += $weight;
            }
            if ($weight >= self::LEAST_WEIGHT) {
                $kept[] = [$left, $right, $weight];
            }
        }

        return new self($kept, $built);
    }

    private static function prior(int $left, int $right, int $most): float
    {
        $side = static fn (int $run): float => $run === 0
            ? ($most === 0 ? 1.0 : RipenessAssumptions::NO_RUN)
            : (1.0 - RipenessAssumptions::NO_RUN) / $most;
        $none = $left === 0 && $right === 0 ? 1.0 - RipenessAssumptions::UNBUILT : 0.0;

        return $none + RipenessAssumptions::UNBUILT * $side($left) * $side($right);
    }

    /**
     * @param  array<int, SeenFrame>  $seen
     * @return array<int, float> by slot: how much likelier the frame looks so if it is unbuilt
     */
    private static function ratios(int $frames, int $most, array $seen): array
    {
        $count = 0;
        $sum = 0.0;
        foreach ($seen as $one) {
            $fill = self::fill($one);
            if ($one->teaches() && $fill >= 0.1) {
                $count++;
                $sum += Logit::of(min(0.97, $fill)) - $one->prior->fill;
            }
        }
        $ratios = [];
        foreach ($seen as $slot => $one) {
            $fill = self::fill($one);
            $isOuter = min($slot, $frames + 1 - $slot) <= $most;
            if (! $one->teaches() || ! $isOuter || $fill >= self::MOST_FILL) {
                $ratios[$slot] = 0.0;

                continue;
            }
            $e = $one->painted->edgeSd;
            $unbuilt = 2.0 * exp(-0.5 * ($fill / $e) ** 2) / (2.5066 * $e);
            $mean = $one->prior->fill + $sum / ($count + 0.3);
            $sd = $count === 0 ? sqrt($one->prior->fillVariance) : sqrt(0.9 + 1.0 / $count);
            $edge = $fill + 1.2 * $e;
            $built = Normal::cdf((Logit::of(min(0.9, $edge)) - $mean) / $sd) / $edge + 1e-6;
            $ratios[$slot] = $unbuilt / $built;
        }

        return $ratios;
    }

    private static function fill(SeenFrame $one): float
    {
        return $one->painted->fill() ?? ($one->painted->capped >= 0.05 ? 1.0 : 0.0);
    }
}
