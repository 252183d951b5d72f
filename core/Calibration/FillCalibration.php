<?php

declare(strict_types=1);

namespace Marjoram\Core\Calibration;

use Marjoram\Core\InvalidInput;

/**
 * What own weighings say of the fill of one kind of box.
 *
 * The factor on the presumed fill has the prior N(1, 0.12^2); a box weighed at ratio r is N(factor, s^2) with s
 * from painting, frames not seen, the scales and what boxes of one kind differ by among themselves (normal-normal:
 * Gelman et al., Bayesian Data Analysis, 3rd ed. 2013, ch. 2.5). O(weighings).
 */
final readonly class FillCalibration
{
    /** Relative spread between boxes of one kind (common practice). */
    public const BETWEEN_BOXES = 0.05;

    private function __construct(public float $factor, public float $sd, public int $count, public float $priorSd)
    {
    }

    /**
     * @param  list<Weighing>  $weighings  of boxes of one kind
     *
     * @throws InvalidInput when the prior's spread is out of range
     */
    public static function of(array $weighings, float $priorSd = 0.12): self
    {
        InvalidInput::unlessWithin($priorSd, 0.01, 1.0, 'The prior spread of the fill', '/prior_sd');
        $precision = $priorSd ** -2;
        $sum = $precision;
        foreach ($weighings as $one) {
            $variance =
                ($one->ownSdKg / $one->estimateKg) ** 2 +
                ($one->scaleSdKg / $one->estimateKg) ** 2 +
                self::BETWEEN_BOXES ** 2;
            $precision += 1.0 / $variance;
            $sum += $one->ratio() / $variance;
        }

        return new self($sum / $precision, sqrt(1.0 / $precision), count($weighings), $priorSd);
    }

    /** Relative standard deviation of the fill of one box of this kind from now on. */
    public function boxRelativeSd(): float
    {
        return min($this->priorSd, sqrt($this->sd ** 2 + self::BETWEEN_BOXES ** 2));
    }
}
