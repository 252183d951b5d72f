<?php

declare(strict_types=1);

namespace Marjoram\Core\Ripeness;

use Marjoram\Core\Numerics\GaussHermite;
use Marjoram\Core\Numerics\GaussLegendre;
use Marjoram\Core\Numerics\Normal;

/**
 * Capped share and water of a super together, with what shake test and readings say: the more is capped, the drier.
 */
final readonly class ShareAndWater
{
    /**
     * @param  float  $p  probability that the share is enough and the water at most the limit
     * @param  float  $logit  mean logit of the share, given all; $variance: its variance
     * @param  float  $ripeWaterPct  mean water where the share is enough; $ripeWaterSdPct: its standard deviation
     * @param  float  $presumedVariance  the same variance before the readings
     */
    private function __construct(
        public float $p,
        public float $pWater,
        public float $pCapped,
        public float $logit,
        public float $variance,
        public float $share,
        public float $waterPct,
        public float $waterSdPct,
        public float $ripeWaterPct,
        public float $ripeWaterSdPct,
        public float $presumedVariance,
    ) {
    }

    public static function of(
        BoxShare $box,
        float $needed,
        float $limitPct,
        ?Shake $shake,
        WaterReadings $readings,
        FullFrame $full,
        RipenessAssumptions $assumptions,
        GaussLegendre $rule,
        GaussHermite $five,
    ): self {
        $sd = sqrt($box->variance);
        [$from, $to] = [$box->logit - 5.0 * $sd, $box->logit + 5.0 * $sd];
        $cut = $needed <= 0.0 ? $from : min($to, max($from, Logit::of(min(0.999, $needed))));
        [$openPct, $openSd] = $assumptions->openWaterPct[$shake->value ?? 'none'];
        $ratio = $full->cappedKg > 0.0 ? $full->openKg / $full->cappedKg : 0.0;
        $hasReadings = $readings->effective > 0.0;
        $sum = $met = $dry = $capped = $first = $second = $water = $water2 = 0.0;
        $ripeWater = $ripeWater2 = $presumed = 0.0;
        foreach ([[$from, $cut, false], [$cut, $to, true]] as [$a, $b, $isEnough]) {
            $half = 0.5 * ($b - $a);
            if ($half <= 0.0) {
                continue;
            }
            foreach ($rule->nodes as $i => $node) {
                $u = 0.5 * ($a + $b) + $half * $node;
                $share = Logit::share($u);
                $open = 1.0 - $share;
                $weight = $half * $rule->weights[$i] * exp(-0.5 * (($u - $box->logit) / $sd) ** 2);
                if ($shake !== null) {
                    $fails = RipenessAssumptions::failsTheShake($open);
                    $weight *= $shake === Shake::Failed ? $fails : 1.0 - $fails;
                }
                $kappa = $share / ($share + $ratio * $open);
                $mean = $kappa * $assumptions->cappedWaterPct + (1.0 - $kappa) * $openPct;
                $variance = ($kappa * $assumptions->cappedWaterSdPct) ** 2 + ((1.0 - $kappa) * $openSd) ** 2;
                $before = $variance;
                if ($hasReadings) {
                    $all = $variance + $readings->variance;
                    $off = $readings->meanPct - $mean;
                    $weight *= exp(-0.5 * $off * $off / $all) / sqrt($all);
                    $mean += $variance / $all * $off;
                    $variance *= $readings->variance / $all;
                }
                $isDry = Normal::cdf(($limitPct - $mean) / sqrt($variance));
                $sum += $weight;
                $dry += $weight * $isDry;
                $first += $weight * $u;
                $second += $weight * $u * $u;
                $water += $weight * $mean;
                $water2 += $weight * ($variance + $mean * $mean);
                if ($isEnough) {
                    $capped += $weight;
                    $met += $weight * $isDry;
                    $ripeWater += $weight * $mean;
                    $ripeWater2 += $weight * ($variance + $mean * $mean);
                    $presumed += $weight * $before;
                }
            }
        }
        if ($sum <= 1e-300) {
            return new self(
                0.0,
                0.0,
                0.0,
                $box->logit,
                $box->variance,
                Logit::share($box->logit),
                $openPct,
                $openSd,
                $openPct,
                $openSd,
                $openSd ** 2,
            );
        }
        $logit = $first / $sum;
        $variance = max(1e-6, $second / $sum - $logit * $logit);
        $mean = $water / $sum;
        $isEver = $capped > 1e-250;

        return new self(
            $isEver ? $met / $sum : 0.0,
            $dry / $sum,
            $isEver ? $capped / $sum : 0.0,
            $logit,
            $variance,
            $five->expect(Logit::share(...), $logit, sqrt($variance)),
            $mean,
            sqrt(max(0.0, $water2 / $sum - $mean * $mean)),
            $isEver ? $ripeWater / $capped : $mean,
            $isEver ? sqrt(max(0.0, $ripeWater2 / $capped - ($ripeWater / $capped) ** 2)) : $openSd,
            $isEver ? $presumed / $capped : $openSd ** 2,
        );
    }
}
