<?php

declare(strict_types=1);

namespace Marjoram\Core\Ripeness;

/**
 * The capped share of a whole box (on the logit scale) and its honey, together: what is known of the one tells of the
 * other. Each number of unbuilt outer frames is a world of its own, weighed by its chance.
 */
final readonly class BoxShare
{
    private const LEAST = 1e-6;

    private const CLOSEST = 0.98;

    /**
     * @param  float  $logit  mean logit of the capped share; $variance: its variance
     * @param  list<array{float, float, float}>  $honey  weight, mean (kg), variance of each world
     * @param  float  $covariance  of logit and kg
     * @param  float  $capped0  mean capped area; $open0: open area, in full frames
     */
    private function __construct(
        public float $logit,
        public float $variance,
        public array $honey,
        public float $kg,
        public float $kgVariance,
        public float $covariance,
        public float $capped0,
        public float $open0,
    ) {
    }

    /**
     * @param  array<int, SlotExpectation>  $slots  those that hold a frame, by slot
     * @param  list<SeenFrame>  $unstated  frames whose rest nobody stated
     */
    public static function of(
        array $slots,
        UnbuiltOuter $outer,
        array $unstated,
        FullFrame $full,
        ?WeightEvidence $weight,
    ): self {
        $worlds = [];
        $likely = [];
        $sums = SlotSums::of($slots, $full);
        foreach ($outer->runs as [$left, $right, $chance]) {
            $world = self::world($sums->between($left, $right), $full);
            if ($weight !== null) {
                [$world, $density] = self::weighed($world, $weight);
                $chance *= $density;
            }
            $worlds[] = $world;
            $likely[] = $chance;
        }
        $sum = max(1e-300, array_sum($likely));
        $likely = array_map(static fn (float $one): float => $one / $sum, $likely);
        [$logit, $kg, $capped0, $open0] = [0.0, 0.0, 0.0, 0.0];
        foreach ($worlds as $i => [$mu, , $mass, , , $a0, $o0]) {
            $logit += $likely[$i] * $mu;
            $kg += $likely[$i] * $mass;
            $capped0 += $likely[$i] * $a0;
            $open0 += $likely[$i] * $o0;
        }
        $variance = $kgVariance = $covariance = 0.0;
        foreach ($worlds as $i => [$mu, $vs, $mass, $vk, $cs]) {
            $variance += $likely[$i] * ($vs + ($mu - $logit) ** 2);
            $kgVariance += $likely[$i] * ($vk + ($mass - $kg) ** 2);
            $covariance += $likely[$i] * ($cs + ($mu - $logit) * ($mass - $kg));
        }
        [$share, $rest] = self::unstated($slots, $outer, $unstated, $full);
        $logit += RipenessAssumptions::UNSTATED_SHIFT * $share;
        $variance += (RipenessAssumptions::UNSTATED_SD * $share) ** 2;
        $variance *= RipenessAssumptions::SHARE_VARIANCE;
        $lost = RipenessAssumptions::UNSTATED_KG_SHIFT * $rest;
        $more = (RipenessAssumptions::UNSTATED_KG_SD * $rest) ** 2;
        $covariance -= RipenessAssumptions::UNSTATED_KG_SD * $rest * RipenessAssumptions::UNSTATED_SD * $share;
        $honey = [];
        foreach ($worlds as $i => [, , $mass, $vk]) {
            $honey[] = [$likely[$i], $mass - $lost, $vk + $more];
        }
        $kgVariance = max(1e-4, $kgVariance + $more);
        $variance = max(self::LEAST, $variance);
        $closest = self::CLOSEST * sqrt($variance * $kgVariance);

        return new self(
            $logit,
            $variance,
            $honey,
            $kg - $lost,
            $kgVariance,
            max(-$closest, min($closest, $covariance)),
            $capped0,
            $open0,
        );
    }

    /**
     * @param  list<float>  $sums  of SlotSums
     * @return array{float, float, float, float, float, float, float} logit and its variance, kg and its variance, their
     *     covariance, capped and open area
     */
    private static function world(array $sums, FullFrame $full): array
    {
        [$a, $f, $a0, $f0, $naa, $naf, $nff, $aa, $af, $ff, $faces] = $sums;
        $capped = max(self::LEAST, $a0);
        $open = max(self::LEAST, $f0 - $a0);
        $gs = 1.0 / $capped + 1.0 / $open;
        $go = 1.0 / $open;
        $ko = $full->openKg;
        $g = $full->cappedKg - $ko;
        $ownLogit = $gs * $gs * $naa - 2.0 * $gs * $go * $naf + $go * $go * $nff;
        $variance = log(1.0 + max(0.0, $ownLogit));
        $state = $g * $g * $aa + 2.0 * $g * $ko * $af + $ko * $ko * $ff;
        $both = $gs * $g * $naa + ($gs * $ko - $go * $g) * $naf - $go * $ko * $nff;
        for ($k = 11; $k < 17; $k++) {
            $byLogit = $gs * $sums[$k] - $go * $sums[$k + 6];
            $byKg = $g * $sums[$k + 12] + $ko * $sums[$k + 18];
            $variance += $byLogit * $byLogit;
            $state += $byKg * $byKg;
            $both += $byLogit * $byKg;
        }
        $kg = $full->cappedKg * $a + $ko * ($f - $a);
        $state = max(0.0, RipenessAssumptions::KG_VARIANCE * $state);
        $closest = self::CLOSEST * sqrt($state * $variance);

        return [
            log($capped / $open),
            max(self::LEAST, $variance),
            $kg,
            max(1e-4, $state + ($full->boxRelativeSd * $kg) ** 2 + $full->faceRelativeSd ** 2 * $faces),
            max(-$closest, min($closest, $both)),
            $capped,
            $open,
        ];
    }

    /**
     * @param  array{float, float, float, float, float, float, float}  $world
     * @return array{array{float, float, float, float, float, float, float}, float} and the density of the weight there
     */
    private static function weighed(array $world, WeightEvidence $weight): array
    {
        [$mu, $vs, $kg, $vk, $cs, $a0, $o0] = $world;
        $error = $weight->variance;
        $all = $vk + $error;
        $off = $weight->kg - $kg;
        $gain = $vk / $all;
        $density = exp(-0.5 * $off * $off / $all) / sqrt($all);

        return [
            [
                $mu + $cs / $all * $off,
                max(self::LEAST, $vs - $cs * $cs / $all),
                $kg + $gain * $off,
                max(1e-4, $vk * $error / $all),
                $cs * $error / $all,
                $a0,
                $o0,
            ],
            $density,
        ];
    }

    /**
     * @param  array<int, SlotExpectation>  $slots
     * @param  list<SeenFrame>  $unstated
     * @return array{float, float} their part of the honey comb, and their rests' kg if all were open honey
     */
    private static function unstated(array $slots, UnbuiltOuter $outer, array $unstated, FullFrame $full): array
    {
        if ($unstated === []) {
            return [0.0, 0.0];
        }
        $all = $theirs = $rest = 0.0;
        foreach ($slots as $slot => $one) {
            $all += $outer->built[$slot] * $one->all->fill;
        }
        foreach ($unstated as $one) {
            $slot = $one->prior->slot;
            $theirs += $outer->built[$slot] * $slots[$slot]->all->fill;
            $rest += $full->openKg * (1.0 - $one->painted->capped);
        }

        return [$theirs / max(1e-9, $all), $rest];
    }
}
