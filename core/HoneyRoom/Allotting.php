<?php

declare(strict_types=1);

namespace Marjoram\Core\HoneyRoom;

use Marjoram\Core\InvalidInput;

/**
 * What each hive gave, from what the buckets weighed.
 *
 * The estimates are conditioned on their sum (multivariate normal: e' = e + C1 (M - S) / 1'C1), with
 * C = c^2 e e' + diag(s^2): errors of the fill are common to all, those of painting each super's own. O(n), and again
 * for each super that gave nothing.
 */
final class Allotting
{
    /**
     * @param  list<SuperShare>  $supers
     * @param  list<WeighedBucket>  $buckets
     * @param  float  $lossKg  what stuck to the machine and the strainer
     * @param  float  $commonRelativeSd  of the fill
     *
     * @throws InvalidInput when there is nothing to allot, or the measured rest is not positive
     */
    public function allot(
        array $supers,
        array $buckets,
        float $lossKg = 0.0,
        float $commonRelativeSd = 0.12,
    ): AllotResult {
        InvalidInput::unlessWithin($lossKg, 0.0, 1000.0, 'The loss', '/loss_kg');
        $total = array_sum(array_map(static fn (WeighedBucket $bucket): float => $bucket->netKg(), $buckets)) + $lossKg;
        if ($supers === [] || $total <= 0.0) {
            throw InvalidInput::because(
                'No honey can be shared out.',
                'supers, and buckets with honey',
                $supers === [] ? '/supers' : '/buckets',
            );
        }
        $weighedKg = self::sum(array_filter($supers, static fn (SuperShare $super): bool => $super->weighed));
        $estimated = array_filter($supers, static fn (SuperShare $super): bool => ! $super->weighed);
        $sum = self::sum($estimated);
        $rest = $total - $weighedKg;
        if ($estimated !== [] && ($rest <= 0.0 || $sum <= 0.0)) {
            throw InvalidInput::because(
                'The weighed supers alone hold as much as the buckets. No honey is left for the others.',
                'buckets heavier than '.round($weighedKg, 2).' kg',
                '/buckets',
            );
        }

        [$factor, $factorSd] = $this->fillUpdate($rest, $sum, self::ownVariance($supers), $commonRelativeSd);
        // Where every super was weighed, what they gave is known; the buckets' difference belongs to no hive.
        $shared = $estimated === [] ? $weighedKg : $total;
        [$hives, $bySuper] = $this->condition($supers, $rest, $commonRelativeSd, max(1e-12, $shared));

        return new AllotResult(
            $hives,
            $bySuper,
            $total,
            $total - $shared,
            $sum > 0.0 ? $rest / $sum : null,
            $factor,
            $factorSd,
        );
    }

    /**
     * A super that would have given less than nothing gave nothing, and the others are conditioned without it.
     *
     * @param  list<SuperShare>  $supers
     * @return array{array<array-key, Allotted>, array<array-key, Allotted>} by hive and by super
     */
    private function condition(array $supers, float $rest, float $c, float $total): array
    {
        $sum = self::sum(array_filter($supers, static fn (SuperShare $super): bool => ! $super->weighed));
        $variance = ($c * $sum) ** 2 + self::ownVariance($supers);
        $gains = [];
        $bySuper = [];
        foreach ($supers as $super) {
            $row = $super->weighed ? 0.0 : $c * $c * $super->kg * $sum + $super->ownSdKg ** 2;
            $gains[$super->id] = $row;
            $share = $variance > 0.0 ? $row / $variance : ($sum > 0.0 ? $super->kg / $sum : 0.0);
            $kg = $super->weighed ? $super->kg : $super->kg + $share * ($rest - $sum);
            if ($kg < 0.0) {
                return $this->condition(self::without($super, $supers), $rest, $c, $total);
            }
            $left = ($c * $super->kg) ** 2 + $super->ownSdKg ** 2 - ($variance > 0.0 ? ($row * $row) / $variance : 0.0);
            $sd = $super->weighed ? 0.0 : sqrt(max(0.0, $left));
            $bySuper[$super->id] = new Allotted($kg, $sd, $kg / $total);
        }

        return [$this->byHive($supers, $bySuper, $gains, $variance, $c, $total), $bySuper];
    }

    /**
     * @param  list<SuperShare>  $supers
     * @return list<SuperShare>
     */
    private static function without(SuperShare $empty, array $supers): array
    {
        return array_map(static fn (SuperShare $super): SuperShare => $super === $empty
            ? SuperShare::weighed($super->id, $super->hive, 0.0, 0.0)
            : $super, $supers);
    }

    /** @param  list<SuperShare>  $supers */
    private static function ownVariance(array $supers): float
    {
        return array_sum(
            array_map(static fn (SuperShare $super): float => $super->weighed ? 0.0 : $super->ownSdKg ** 2, $supers),
        );
    }

    /**
     * @param  list<SuperShare>  $supers
     * @param  array<array-key, Allotted>  $bySuper
     * @param  array<array-key, float>  $gains
     * @return array<array-key, Allotted>
     */
    private function byHive(array $supers, array $bySuper, array $gains, float $variance, float $c, float $total): array
    {
        $sums = [];
        foreach ($supers as $super) {
            $sums[$super->hive] ??= [0.0, 0.0, 0.0, 0.0];
            $sums[$super->hive][0] += $bySuper[$super->id]->kg;
            $sums[$super->hive][1] += $super->weighed ? 0.0 : $super->kg;
            $sums[$super->hive][2] += $super->weighed ? 0.0 : $super->ownSdKg ** 2;
            $sums[$super->hive][3] += $gains[$super->id];
        }

        return array_map(static function (array $hive) use ($variance, $c, $total): Allotted {
            [$kg, $estimate, $own, $gain] = $hive;
            $left = ($c * $estimate) ** 2 + $own - ($variance > 0.0 ? ($gain * $gain) / $variance : 0.0);

            return new Allotted($kg, sqrt(max(0.0, $left)), $kg / $total);
        }, $sums);
    }

    /**
     * How far the fill assumption should move: prior 1 +- c, likelihood M / S with the supers' own errors.
     *
     * @return array{float, float}
     */
    private function fillUpdate(float $rest, float $sum, float $own, float $c): array
    {
        if ($sum <= 0.0 || $c <= 0.0) {
            return [1.0, $c];
        }
        $noise = max(1e-12, $own / ($sum * $sum));
        $precision = 1.0 / ($c * $c) + 1.0 / $noise;

        return [(1.0 / ($c * $c) + $rest / $sum / $noise) / $precision, sqrt(1.0 / $precision)];
    }

    /** @param  array<int, SuperShare>  $supers */
    private static function sum(array $supers): float
    {
        return array_sum(array_map(static fn (SuperShare $super): float => $super->kg, $supers));
    }
}
