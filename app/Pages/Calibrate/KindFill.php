<?php

declare(strict_types=1);

namespace App\Pages\Calibrate;

use App\Apiary\Operation\FillPolicy;
use Marjoram\Core\Calibration\FillCalibration;
use Marjoram\Core\Calibration\Weighing;
use Marjoram\Core\Comb\BoxKind;
use Marjoram\Core\Comb\Comb;
use Marjoram\Core\Comb\CombAssumptions;
use Marjoram\Core\Comb\Face;
use Marjoram\Core\Comb\FittedBox;
use Marjoram\Core\Comb\Frame;

/** What own weighings say of one kind of box, and what it would change. */
final readonly class KindFill
{
    /** @param  list<Weighing>  $weighings */
    public function __construct(
        public BoxKind $kind,
        public FillCalibration $learnt,
        public array $weighings,
        private FillPolicy $fill,
    ) {
    }

    /** The factor in force. */
    public function inForce(): float
    {
        return $this->fill->factorOf($this->kind->key)->factor;
    }

    public function isTaken(): bool
    {
        return abs($this->inForce() - round($this->learnt->factor, 4)) < 5e-5;
    }

    /** kg in a box of this kind with every cell filled and capped. */
    public function fullKg(float $factor): float
    {
        $box = new FittedBox($this->kind);
        $frames = array_map(
            static fn (int $slot): Frame => new Frame($slot, new Face(1.0), new Face(1.0)),
            range(1, $this->kind->frames),
        );

        return (new Comb(
            new CombAssumptions(fillCapped: min(1.0, $factor * $this->fill->capped)),
        ))->honeyIn($box, $frames)->honey->kg;
    }

    /** Root mean square of estimate less weighed over these weighings, kg. */
    public function errorKg(float $factor): float
    {
        return sqrt(
            array_sum(
                array_map(
                    static fn (Weighing $one): float => ($factor * $one->estimateKg - $one->weighedKg) ** 2,
                    $this->weighings,
                ),
            ) / max(1, count($this->weighings)),
        );
    }
}
