<?php

declare(strict_types=1);

namespace Marjoram\Core\Ripeness;

use Marjoram\Core\Numerics\GaussHermite;

/**
 * Fill f and capped area a in one slot. Their errors have two parts: one depends on level, centre and side, which all
 * slots share (rows of six independent standard normals), the other is the slot's own.
 */
final readonly class SlotExpectation
{
    /** @var list<float> how the capped area depends on what all slots share */
    public array $cappedRow;

    /** @var list<float> the same of the fill */
    public array $fillRow;

    /** @var list<float> how the capped area depends on it where the slot's own error alone is averaged over */
    public array $cappedRow0;

    /** @var list<float> the same of the fill */
    public array $fillRow0;

    /** Own variance of the capped area, its covariance with the fill, own variance of the fill. */
    public float $ownCapped;

    public float $ownBoth;

    public float $ownFill;

    /**
     * @param  AreaMoments  $all  with both parts of the error
     * @param  AreaMoments  $own  with the slot's own error alone
     * @param  list<float>  $rowF  how the logit of the fill depends on what all slots share
     * @param  list<float>  $rowX  the same of the capping
     */
    private function __construct(
        public int $slot,
        public bool $seen,
        public AreaMoments $all,
        public AreaMoments $own,
        public array $rowF,
        public array $rowX,
    ) {
        $this->cappedRow = $all->cappedRow($rowF, $rowX);
        $this->fillRow = $all->fillRow($rowF);
        $this->cappedRow0 = $own->cappedRow($rowF, $rowX);
        $this->fillRow0 = $own->fillRow($rowF);
        [$aa, $af, $ff] = [$all->cappedVariance, $all->covariance, $all->fillVariance];
        foreach ($this->cappedRow as $k => $capped) {
            $aa -= $capped * $capped;
            $af -= $capped * $this->fillRow[$k];
            $ff -= $this->fillRow[$k] * $this->fillRow[$k];
        }
        $this->ownCapped = max(0.0, $aa);
        $this->ownBoth = $af;
        $this->ownFill = max(0.0, $ff);
    }

    /** @param  ?Site  $site  what the frame says of itself; null where it was not seen */
    public static function of(
        SlotPrior $prior,
        ?Site $site,
        LevelAndSide $level,
        GaussHermite $five,
        GaussHermite $three,
    ): self {
        [$shiftF, $shiftX] = $level->at($prior);
        [$rowF, $rowX] = $level->rows($prior);
        [$g11, $g12, $g22] = $level->own;
        if ($site !== null) {
            // G = (E^-1 + Q)^-1 = E M^-1 with M = I + Q E; W = I - G Q.
            $m11 = 1.0 + $site->ff * $g11 + $site->fx * $g12;
            $m12 = $site->ff * $g12 + $site->fx * $g22;
            $m21 = $site->fx * $g11 + $site->xx * $g12;
            $m22 = 1.0 + $site->fx * $g12 + $site->xx * $g22;
            $det = $m11 * $m22 - $m12 * $m21;
            [$g11, $g12, $g22] = [
                ($g11 * $m22 - $g12 * $m21) / $det,
                ($g12 * $m11 - $g11 * $m12) / $det,
                ($g22 * $m11 - $g12 * $m12) / $det,
            ];
            $w11 = 1.0 - $g11 * $site->ff - $g12 * $site->fx;
            $w12 = -$g11 * $site->fx - $g12 * $site->xx;
            $w21 = -$g12 * $site->ff - $g22 * $site->fx;
            $w22 = 1.0 - $g12 * $site->fx - $g22 * $site->xx;
            [$shiftF, $shiftX] = [
                $g11 * $site->f + $g12 * $site->x + $w11 * $shiftF + $w12 * $shiftX,
                $g12 * $site->f + $g22 * $site->x + $w21 * $shiftF + $w22 * $shiftX,
            ];
            [$rowF, $rowX] = [self::mixed($w11, $rowF, $w12, $rowX), self::mixed($w21, $rowF, $w22, $rowX)];
        }
        [$ff, $fx, $xx] = [$g11, $g12, $g22];
        foreach ($rowF as $k => $one) {
            $ff += $one * $one;
            $fx += $one * $rowX[$k];
            $xx += $rowX[$k] * $rowX[$k];
        }
        [$f, $x] = [$prior->fill + $shiftF, $prior->capped + $shiftX];

        return new self(
            $prior->slot,
            $site !== null,
            AreaMoments::of($f, $x, $ff, $fx, $xx, $five),
            AreaMoments::of($f, $x, $g11, $g12, $g22, $three),
            $rowF,
            $rowX,
        );
    }

    /** Variance of the honey of its comb, kg^2, without painting and without what is common to the box. */
    public function kgVariance(FullFrame $full): float
    {
        $g = $full->cappedKg - $full->openKg;
        $ko = $full->openKg;
        $all = $this->all;
        $sum = $g * $g * $all->cappedVariance + 2.0 * $g * $ko * $all->covariance + $ko * $ko * $all->fillVariance;

        return max(0.0, $sum);
    }

    /**
     * @param  list<float>  $a
     * @param  list<float>  $b
     * @return list<float>
     */
    private static function mixed(float $p, array $a, float $q, array $b): array
    {
        $sum = [];
        foreach ($a as $k => $one) {
            $sum[] = $p * $one + $q * $b[$k];
        }

        return $sum;
    }
}
