<?php

declare(strict_types=1);

namespace Marjoram\Core\Ripeness;

use Marjoram\Core\Numerics\GaussHermite;

/**
 * Mean and variance of share(u + e), e ~ N(0, sd^2), as functions of u.
 *
 * Tabulated from -12 to 12 in steps of 0.05 on first use of a cell and read by linear interpolation
 * (error under 1e-4): the quadrature asks for it some thousands of times a super.
 */
final class LogisticMoments
{
    private const STEP = 0.05;

    private const REACH = 12.0;

    /** @var array<int, array{float, float}> */
    private array $cells = [];

    public function __construct(private readonly float $sd, private readonly GaussHermite $rule)
    {
    }

    /** @return array{float, float} */
    public function at(float $u): array
    {
        $u = min(self::REACH, max(-self::REACH, $u));
        $place = ($u + self::REACH) / self::STEP;
        $i = (int) $place;
        $part = $place - $i;
        [$m0, $v0] = $this->cells[$i] ??= $this->cell($i);
        [$m1, $v1] = $this->cells[$i + 1] ??= $this->cell($i + 1);

        return [$m0 + $part * ($m1 - $m0), $v0 + $part * ($v1 - $v0)];
    }

    /** @return array{float, float} */
    private function cell(int $i): array
    {
        $u = $i * self::STEP - self::REACH;
        $first = $second = 0.0;
        foreach ($this->rule->nodes as $k => $node) {
            $share = 1.0 / (1.0 + exp(-$u - $this->sd * $node));
            $first += $this->rule->weights[$k] * $share;
            $second += $this->rule->weights[$k] * $share * $share;
        }

        return [$first, $second - $first * $first];
    }
}
