<?php

declare(strict_types=1);

namespace Marjoram\Core\Ripeness;

use Marjoram\Core\Comb\FittedBox;
use Marjoram\Core\Comb\Frame;
use Marjoram\Core\Numerics\GaussHermite;

/**
 * The capped share of a whole box from the frames seen, and which frame to look at next.
 *
 * Posterior moments by Gauss-Hermite quadrature over (theta, beta), with the frames' own errors
 * integrated inside: 20 x 20 x (distinct distances) x 20 points.
 */
final readonly class UnseenFrames
{
    private GaussHermite $rule;

    private LogisticMoments $curve;

    public function __construct(private RipenessAssumptions $assumptions = new RipenessAssumptions)
    {
        $this->rule = new GaussHermite(20);
        $this->curve = new LogisticMoments($assumptions->frameSd, $this->rule);
    }

    public function estimate(Super $super): BoxEstimate
    {
        $box = $super->box;
        $capped = [];
        $fill = [];
        $seen = [];
        foreach ($super->frames as $frame) {
            $distance = $box->distanceFromCentre($frame->slot);
            $seen[$frame->slot] = $frame;
            if ($frame->glanced || $frame->gone) {
                continue;
            }
            $fill[] = [$distance, $frame->fill()];
            if ($frame->cappedShareOfHoney() !== null) {
                $capped[] = [$distance, $frame->cappedShareOfHoney()];
            }
        }
        $a = $this->assumptions;
        $cappedModel = LogitModel::posterior(
            [$super->underCapped ? $a->cappedThetaUnderCapped : $a->cappedTheta, $a->beta],
            [$a->thetaSd, $a->betaSd],
            $a->frameSd,
            $capped,
        );
        $fillModel = LogitModel::posterior(
            [$a->fillThetaAfter($super->daysSinceEmpty), $a->beta],
            [$a->thetaSd, $a->betaSd],
            $a->frameSd,
            $fill,
        );

        return $this->join($box, $seen, $cappedModel, $fillModel);
    }

    /** @param  array<int, Frame>  $seen */
    private function join(FittedBox $box, array $seen, LogitModel $cappedModel, LogitModel $fillModel): BoxEstimate
    {
        $slots = [];
        $memo = [];
        for ($slot = 1; $slot <= $box->framesFitted; $slot++) {
            $distance = $box->distanceFromCentre($slot);
            $frame = $seen[$slot] ?? null;
            if ($frame !== null) {
                $share = $frame->cappedShareOfHoney();
                $slots[] = new SlotEstimate(
                    $slot,
                    true,
                    $share,
                    $share === null ? 0.0 : $frame->fill(),
                    $distance,
                    $frame->glanced ? sqrt($this->curve->at(LogitModel::logit($frame->fill()))[1]) : 0.0,
                    $frame->glanced && $share !== null ? $this->curve->at(LogitModel::logit($share))[1] : 0.0,
                );

                continue;
            }
            $memo[(string) $distance] ??= [
                $cappedModel->expectedShare($distance, $this->rule),
                $fillModel->expectedShare($distance, $this->rule),
                $fillModel->shareSd($distance, $this->rule),
            ];
            [$share, $weight, $sd] = $memo[(string) $distance];
            $slots[] = new SlotEstimate($slot, false, $share, $weight, $distance, $sd);
        }
        $moments = $this->moments($slots, $cappedModel);

        return new BoxEstimate($slots, $moments[0], sqrt(max(0.0, $moments[1])), $cappedModel);
    }

    /**
     * @param  list<SlotEstimate>  $slots
     * @return array{?float, float} mean and variance of sum w x / sum w
     */
    private function moments(array $slots, LogitModel $model): array
    {
        $total = array_sum(array_map(static fn (SlotEstimate $slot): float => $slot->weight, $slots));
        if ($total <= 0.0) {
            return [null, 0.0];
        }
        $known = $glanced = 0.0;
        $open = [];
        foreach ($slots as $slot) {
            if ($slot->seen) {
                $known += $slot->weight * ($slot->cappedShare ?? 0.0);
                $glanced += $slot->weight ** 2 * $slot->shareVariance;
            } else {
                $key = (string) $slot->distance;
                $open[$key] ??= [$slot->distance ** 2, 0.0, 0.0];
                $open[$key][1] += $slot->weight;
                $open[$key][2] += $slot->weight ** 2;
            }
        }
        if ($open === []) {
            return [$known / $total, $glanced / $total ** 2];
        }

        [$mean, $variance] = $this->quadrature($known, array_values($open), $total, $model);

        return [$mean, $variance + $glanced / $total ** 2];
    }

    /**
     * @param  list<array{float, float, float}>  $open  squared distance, sum of weights, sum of squared weights
     * @return array{float, float}
     */
    private function quadrature(float $known, array $open, float $total, LogitModel $model): array
    {
        [$s11, $s12, $s22] = $model->covariance;
        $l11 = sqrt($s11);
        $l21 = $s12 / $l11;
        $l22 = sqrt(max(0.0, $s22 - $l21 * $l21));
        $first = $second = $within = 0.0;
        foreach ($this->rule->nodes as $i => $z1) {
            $theta = $model->mean[0] + $l11 * $z1;
            foreach ($this->rule->nodes as $j => $z2) {
                $weight = $this->rule->weights[$i] * $this->rule->weights[$j];
                if ($weight < 1e-12) {
                    continue;
                }
                $beta = $model->mean[1] + $l21 * $z1 + $l22 * $z2;
                $sum = $known;
                $spread = 0.0;
                foreach ($open as [$x, $w, $w2]) {
                    [$mean, $variance] = $this->curve->at($theta + $beta * $x);
                    $sum += $w * $mean;
                    $spread += $w2 * $variance;
                }
                $first += $weight * $sum;
                $second += $weight * $sum * $sum;
                $within += $weight * $spread;
            }
        }

        return [$first / $total, ($second - $first * $first + $within) / ($total * $total)];
    }
}
