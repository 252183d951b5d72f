<?php

declare(strict_types=1);

namespace Marjoram\Core\Ripeness;

use Marjoram\Core\Numerics\GaussHermite;

/**
 * Fill f and capped area a = f x of a frame whose logits F and X are normal: means, variances, and how they move with F
 * and X (Stein's identity), by quadrature.
 */
final readonly class AreaMoments
{
    private const LEAST = 1e-12;

    private function __construct(
        public float $fill,
        public float $capped,
        public float $cappedVariance,
        public float $covariance,
        public float $fillVariance,
        public float $fillByF,
        public float $cappedByF,
        public float $cappedByX,
    ) {
    }

    /**
     * @param  float  $f  mean of F; $x: of X
     * @param  float  $ff  variance of F; $fx: covariance; $xx: variance of X
     */
    public static function of(float $f, float $x, float $ff, float $fx, float $xx, GaussHermite $rule): self
    {
        $l11 = sqrt(max(self::LEAST, $ff));
        $l21 = $fx / $l11;
        $l22 = sqrt(max(self::LEAST, $xx - $l21 * $l21));
        $fill = $capped = $cc = $cf = $fillSquare = $fill1 = $capped1 = $capped2 = 0.0;
        foreach ($rule->nodes as $i => $z1) {
            $wi = $rule->weights[$i];
            $filled = 1.0 / (1.0 + exp(-$f - $l11 * $z1));
            $fill += $wi * $filled;
            $fillSquare += $wi * $filled * $filled;
            $fill1 += $wi * $filled * $z1;
            $x1 = $x + $l21 * $z1;
            foreach ($rule->nodes as $j => $z2) {
                $w = $wi * $rule->weights[$j];
                $a = $filled / (1.0 + exp(-$x1 - $l22 * $z2));
                $capped += $w * $a;
                $cc += $w * $a * $a;
                $cf += $w * $a * $filled;
                $capped1 += $w * $a * $z1;
                $capped2 += $w * $a * $z2;
            }
        }
        $byX = $capped2 / $l22;

        return new self(
            $fill,
            $capped,
            $cc - $capped * $capped,
            $cf - $capped * $fill,
            $fillSquare - $fill * $fill,
            $fill1 / $l11,
            ($capped1 - $l21 * $byX) / $l11,
            $byX,
        );
    }

    /**
     * How the capped area depends on what the logits depend on.
     *
     * @param  list<float>  $rowF
     * @param  list<float>  $rowX
     * @return list<float>
     */
    public function cappedRow(array $rowF, array $rowX): array
    {
        $row = [];
        foreach ($rowF as $k => $one) {
            $row[] = $this->cappedByF * $one + $this->cappedByX * $rowX[$k];
        }

        return $row;
    }

    /**
     * @param  list<float>  $rowF
     * @return list<float>
     */
    public function fillRow(array $rowF): array
    {
        $row = [];
        foreach ($rowF as $one) {
            $row[] = $this->fillByF * $one;
        }

        return $row;
    }
}
