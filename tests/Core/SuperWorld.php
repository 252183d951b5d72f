<?php

declare(strict_types=1);

namespace Tests\Core;

use Marjoram\Core\Comb\Comb;
use Marjoram\Core\Comb\Face;
use Marjoram\Core\Comb\FittedBox;
use Marjoram\Core\Comb\Frame;
use Marjoram\Core\Numerics\SeededRandom;

/** How supers fill and cap, and how they are painted: frames about a level, by centre and side, each with its error. */
final readonly class SuperWorld
{
    private const PAINTING = 0.08;

    /** @param  float  $unstated  chance that a face's rest is not stated */
    public function __construct(
        private float $centre = -1.2,
        private float $centreSd = 0.6,
        private float $spread = 0.6,
        private float $side = 0.0,
        private bool $unbuilt = false,
        private float $unstated = 0.0,
    ) {
    }

    public function super(SeededRandom $random, FittedBox $box): TrueSuper
    {
        [$fill, $capped] = [$random->normal(1.0, 1.5), $random->normal(0.8, 1.5)];
        $centres = [$random->normal($this->centre, $this->centreSd), $random->normal($this->centre, $this->centreSd)];
        $sides = [$random->normal(0.0, $this->side), $random->normal(0.0, $this->side)];
        $left = $this->unbuilt ? $random->integer(1, 3) : 0;
        $right = $this->unbuilt ? $random->integer(1, 3) : 0;
        $comb = new Comb;
        [$full, $open] = [$comb->cappedKgOfFullFrame($box), $comb->openKgOfFullFrame($box)];
        $common = 1.0 + $random->normal(0.0, 0.12);
        $kgCapped = $kgOpen = $sumCapped = $sumFill = 0.0;
        $painted = [];
        for ($slot = 1; $slot <= 10; $slot++) {
            $s = (2.0 * $slot - 11.0) / 9.0;
            $f = self::share($fill + $centres[0] * $s * $s + $sides[0] * $s + $random->normal(0.0, $this->spread));
            $x = self::share($capped + $centres[1] * $s * $s + $sides[1] * $s + $random->normal(0.0, $this->spread));
            $f = $slot <= $left || $slot > 10 - $right ? 0.0 : $f;
            $sumCapped += $f * $x;
            $sumFill += $f;
            foreach ([0, 1] as $ignored) {
                $own = $common * (1.0 + $random->normal(0.0, 0.1)) / 2.0;
                $kgCapped += $own * $full * $f * $x;
                $kgOpen += $own * $open * $f * (1.0 - $x);
            }
            $painted[$slot] = new Frame($slot, $this->face($f, $x, $random), $this->face($f, $x, $random));
        }
        $water = ($kgCapped * $random->normal(17.4, 0.8) + $kgOpen * $random->normal(20.0, 2.0)) / ($kgCapped + $kgOpen);

        return new TrueSuper($sumCapped / $sumFill, $kgCapped + $kgOpen, $water, $painted);
    }

    private function face(float $fill, float $share, SeededRandom $random): Face
    {
        $capped = max(0.0, min(1.0, $fill * $share + $random->normal(0.0, self::PAINTING)));
        $open = max(0.0, min(1.0 - $capped, $fill * (1.0 - $share) + $random->normal(0.0, self::PAINTING)));

        return (new Face($capped))->withRest($random->uniform() < $this->unstated ? null : $open);
    }

    private static function share(float $logit): float
    {
        return 1.0 / (1.0 + exp(-$logit));
    }
}
