<?php

declare(strict_types=1);

namespace Marjoram\Core\Ripeness;

use Marjoram\Core\Numerics\Normal;

/**
 * Whether one more look pays: what up to three frames, or all, and up to three readings would change in the decision,
 * against the minutes that they take. A look is only worth what it may change.
 */
final readonly class LookValue
{
    private const CANDIDATES = 3;

    private const NODES = 12;

    /** The frame that tells most, whatever it costs; null where all were seen. */
    public ?int $slot;

    /** @var list<array{int, float}> frames pulled, with the variance of the share's logit that is left then */
    private array $variances;

    /** @param  array<int, SlotExpectation>  $slots  those that hold a frame, by slot */
    public function __construct(
        private array $slots,
        private UnbuiltOuter $outer,
        private LevelAndSide $level,
        private BoxShare $box,
        private ShareAndWater $now,
        private float $edgeSd,
    ) {
        [$this->slot, $this->variances] = $this->variancesAfter();
    }

    /**
     * @param  int  $mayRead  readings that may still be taken
     * @param  float  $kg  honey of the super; $p: probability that the policy is met now
     */
    public function best(
        Asked $asked,
        RipenessPolicy $policy,
        int $mayRead,
        WaterReadings $readings,
        float $kg,
        float $p,
    ): ?NextStep {
        $confidence = $policy->confidence;
        [$nodes, $weights] = self::outcomes();
        $most = 0.0;
        $plan = null;
        $dry = [];
        for ($more = 0; $more <= $mayRead; $more++) {
            $dry[] = $this->dryAfter($more, $nodes, $policy->waterMaxPct, $asked->water, $readings);
        }
        foreach ($this->variances as [$frames, $left]) {
            $enough = $this->enoughAfter($frames, $left, $nodes, $asked->cappedShare);
            foreach ($dry as $more => $drier) {
                $value = self::mean($enough, $drier, $weights, $confidence) - max(0.0, $p - $confidence);
                $net = $value / (1.0 - $confidence)
                    - RipenessAssumptions::FRAME_COST * $frames
                    - RipenessAssumptions::READING_COST * $more;
                if ($net > $most + 1e-12) {
                    $most = $net;
                    $plan = [$frames, $more];
                }
            }
        }
        if ($plan === null) {
            return null;
        }
        [$frames, $more] = $plan;
        $pWater = $this->now->pCapped > 1e-9 ? $this->now->p / $this->now->pCapped : 1.0;
        $isSeen = array_filter($this->slots, static fn (SlotExpectation $one): bool => $one->seen) !== [];
        $isFrame = $frames > 0 && ($more === 0 || ! $isSeen ||
            (1.0 - $this->now->pCapped) * RipenessAssumptions::READING_COST >=
                (1.0 - $pWater) * RipenessAssumptions::FRAME_COST);

        return new NextStep($isFrame ? $this->slot : null, $most, $most * $kg, $frames, $more);
    }

    /** @return array{list<float>, list<float>} what a look may show, in standard deviations, with its chance */
    private static function outcomes(): array
    {
        $nodes = $weights = [];
        for ($i = 0; $i < self::NODES; $i++) {
            $nodes[] = $z = 0.5 * ($i - 0.5 * (self::NODES - 1));
            $weights[] = Normal::pdf($z);
        }
        $sum = array_sum($weights);

        return [$nodes, array_map(static fn (float $one): float => $one / $sum, $weights)];
    }

    /**
     * Mean of what is met beyond the confidence, over all that frames and readings may show.
     *
     * @param  list<float>  $enough
     * @param  list<float>  $dry
     * @param  list<float>  $weights
     */
    private static function mean(array $enough, array $dry, array $weights, float $confidence): float
    {
        $sum = 0.0;
        foreach ($enough as $i => $one) {
            if ($one > $confidence) {
                foreach ($dry as $j => $other) {
                    $sum += $weights[$i] * $weights[$j] * max(0.0, $one * $other - $confidence);
                }
            }
        }

        return $sum;
    }

    /**
     * @param  float  $left  variance of the share's logit then
     * @param  list<float>  $nodes
     * @return list<float> probability that enough is capped, by what the frames may show
     */
    private function enoughAfter(int $frames, float $left, array $nodes, float $needed): array
    {
        if ($needed <= 0.0 || $frames === 0) {
            return array_fill(0, count($nodes), $needed <= 0.0 ? 1.0 : $this->now->pCapped);
        }
        $moves = sqrt(max(0.0, $this->now->variance - $left));
        $over = $this->now->logit - Logit::of(min(0.999, $needed));
        $sd = sqrt(max(1e-9, $left));

        return array_map(static fn (float $z): float => Normal::cdf(($over + $moves * $z) / $sd), $nodes);
    }

    /**
     * @param  list<float>  $nodes
     * @return list<float> probability that it is dry enough, by what the readings may show
     */
    private function dryAfter(
        int $more,
        array $nodes,
        float $limitPct,
        bool $asksForWater,
        WaterReadings $readings,
    ): array {
        if (! $asksForWater) {
            return array_fill(0, count($nodes), 1.0);
        }
        if ($more === 0) {
            $now = $this->now->pCapped > 1e-9 ? $this->now->p / $this->now->pCapped : 0.0;

            return array_fill(0, count($nodes), $now);
        }
        $count = $readings->effective + $more;
        $left = 1.0 / (1.0 / $this->now->presumedVariance + 1.0 / ($readings->instrument + $readings->single / $count));
        $moves = sqrt(max(0.0, $this->now->ripeWaterSdPct ** 2 - $left));

        return array_map(
            fn (float $z): float => Normal::cdf(
                ($limitPct - $this->now->ripeWaterPct - $moves * $z) / sqrt($left),
            ),
            $nodes,
        );
    }

    /**
     * @return array{?int, list<array{int, float}>} slot of the frame that tells most; frames pulled, with the variance
     *     of the share's logit that is left then
     */
    private function variancesAfter(): array
    {
        $byFill = 1.0 / $this->box->open0;
        $byCapped = 1.0 / $this->box->capped0 + $byFill;
        $common = array_fill(0, 6, 0.0);
        $own = $seen = $all = 0.0;
        $open = [];
        foreach ($this->slots as $slot => $one) {
            $built = $this->outer->built[$slot];
            foreach ($common as $k => $sum) {
                $common[$k] = $sum + $built * ($byCapped * $one->cappedRow0[$k] - $byFill * $one->fillRow0[$k]);
            }
            $mine = $built * ($byCapped ** 2 * $one->own->cappedVariance
                - 2.0 * $byCapped * $byFill * $one->own->covariance + $byFill ** 2 * $one->own->fillVariance);
            $own += $mine;
            if ($one->seen) {
                $seen += $mine;
            } else {
                $open[$slot] = OpenSlot::of($one, $built * $byCapped, $built * $byFill, $this->edgeSd);
                $all += $open[$slot]->left($this->level);
            }
        }
        $total = $own;
        foreach ($common as $one) {
            $total += $one * $one;
        }
        $now = $this->now->variance;
        $best = null;
        $left = $total;
        $count = count($open);
        $variances = [[0, $now]];
        for ($pulled = 1; $pulled <= min(self::CANDIDATES, $count); $pulled++) {
            [$slot, $gain] = $this->greatest($open, $common);
            $best ??= $slot;
            $left = max(0.02 * $total, $left - RipenessAssumptions::LOOK_COMES_TRUE * $gain);
            $variances[] = [$pulled, $now * $left / $total];
            $taken = $open[$slot];
            unset($open[$slot]);
            $common = $taken->less($common, $this->level);
            $open = array_map(fn (OpenSlot $one): OpenSlot => $one->without($taken, $this->level), $open);
        }
        if ($count > 0) {
            $variances[] = [$count, $now * max(1e-9, min($left, $seen + $all)) / $total];
        }

        return [$best, $variances];
    }

    /**
     * @param  array<int, OpenSlot>  $open
     * @param  list<float>  $common
     * @return array{int, float} slot, gain; the lowest slot of equals
     */
    private function greatest(array $open, array $common): array
    {
        $best = [0, -1.0];
        foreach ($open as $slot => $one) {
            $gain = $one->gain($common, $this->level);
            if ($gain > $best[1] * (1.0 + 1e-9) + 1e-12) {
                $best = [$slot, $gain];
            }
        }

        return $best;
    }
}
