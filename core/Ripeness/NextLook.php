<?php

declare(strict_types=1);

namespace Marjoram\Core\Ripeness;

use Marjoram\Core\Numerics\GaussHermite;

/**
 * Which unseen frame tells most about the box.
 *
 * A look at slot k is expected to lower the variance of the box's share by the variance of its mean
 * given that look (law of total variance), found by quadrature over what the look may show.
 * O(unseen^2) times 12 x 12 points; slots at the same distance are worked out once.
 */
final readonly class NextLook
{
    private GaussHermite $rule;

    public function __construct()
    {
        $this->rule = new GaussHermite(12);
    }

    /** The slot to pull, or null when all were seen; of equals the lowest slot. */
    public function slot(BoxEstimate $box): ?int
    {
        $unseen = array_values(array_filter($box->slots, static fn (SlotEstimate $slot): bool => ! $slot->seen));
        $best = null;
        $most = -1.0;
        $done = [];
        foreach ($unseen as $candidate) {
            $key = (string) $candidate->distance;
            $gain = $done[$key] ??= $this->gain($candidate, $unseen, $box->model);
            if ($gain > $most + 1e-12) {
                [$best, $most] = [$candidate->slot, $gain];
            }
        }

        return $best;
    }

    /** Where all were seen or glanced at: the glanced slot that leaves most open, or null. */
    public function glanced(BoxEstimate $box): ?int
    {
        $best = null;
        $most = 0.0;
        foreach ($box->slots as $slot) {
            $open = $slot->weight ** 2 * $slot->shareVariance;
            if ($open > $most + 1e-12) {
                [$best, $most] = [$slot->slot, $open];
            }
        }

        return $best;
    }

    /** @param  list<SlotEstimate>  $unseen */
    private function gain(SlotEstimate $look, array $unseen, LogitModel $model): float
    {
        $sd = $model->logitSd($look->distance);
        $first = $second = 0.0;
        foreach ($this->rule->nodes as $i => $z) {
            $value = $this->meanGiven($look, $z, $sd, $unseen, $model);
            $first += $this->rule->weights[$i] * $value;
            $second += $this->rule->weights[$i] * $value * $value;
        }

        return $second - $first * $first;
    }

    /** @param  list<SlotEstimate>  $unseen */
    private function meanGiven(SlotEstimate $look, float $z, float $sd, array $unseen, LogitModel $model): float
    {
        $sum = $look->weight * LogitModel::share($model->logitMean($look->distance) + $sd * $z);
        foreach ($unseen as $other) {
            if ($other->slot === $look->slot) {
                continue;
            }
            $link = $model->logitCovariance($look->distance, $other->distance) / $sd;
            $left = sqrt(max(0.0, $model->logitSd($other->distance) ** 2 - $link * $link));
            $sum +=
                $other->weight *
                $this->rule->expect(LogitModel::share(...), $model->logitMean($other->distance) + $link * $z, $left);
        }

        return $sum;
    }
}
