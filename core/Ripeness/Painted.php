<?php

declare(strict_types=1);

namespace Marjoram\Core\Ripeness;

use Marjoram\Core\Comb\Face;
use Marjoram\Core\Comb\Frame;

/** The two faces of a frame as one: shares of the comb area with the errors of painting. */
final readonly class Painted
{
    /** A ratio of open honey to rest where the stated face has no rest to tell. */
    private const HALF = 0.5;

    private const LEAST_REST = 0.02;

    /**
     * @param  float  $other  brood and pollen
     * @param  ?float  $open  null where nobody said what is not capped
     * @param  float  $cappedSd  standard deviation of the capped share
     * @param  float  $openSd  the same of the open share
     * @param  float  $edgeSd  of one painted edge
     */
    private function __construct(
        public float $capped,
        public float $other,
        public ?float $open,
        public float $cappedSd,
        public float $openSd,
        public float $edgeSd,
    ) {
    }

    /** @param  float  $edgeSd  how far one painted edge of one face is off, as a share of its area */
    public static function of(Frame $frame, float $edgeSd): self
    {
        $capped = $frame->capped();
        $other = 0.5 * ($frame->a->brood + $frame->a->pollen + $frame->b->brood + $frame->b->pollen);
        $sd = $edgeSd / M_SQRT2;
        $stated = array_values(array_filter(
            [$frame->a, $frame->b],
            static fn (Face $face): bool => $face->saysOpen(),
        ));
        if ($stated === []) {
            return new self($capped, $other, null, $sd, $sd, $edgeSd);
        }
        if (count($stated) === 2) {
            return new self($capped, $other, 0.5 * ($frame->a->open + $frame->b->open), $sd, $sd, $edgeSd);
        }
        $rest = $stated[0]->rest();
        $ratio = $rest < self::LEAST_REST ? self::HALF : $stated[0]->open / $rest;
        $open = $ratio * max(0.0, 1.0 - $capped - $other);

        return new self($capped, $other, $open, $sd, hypot($edgeSd, 0.08), $edgeSd);
    }

    /** Capped and open honey of the area; null where the open share is not known. */
    public function fill(): ?float
    {
        return $this->open === null ? null : min(1.0, $this->capped + $this->open);
    }
}
