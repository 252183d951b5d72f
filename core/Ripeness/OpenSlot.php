<?php

declare(strict_types=1);

namespace Marjoram\Core\Ripeness;

/** A frame that was not pulled yet, and what pulling it would show. */
final readonly class OpenSlot
{
    private const MOST_VARIANCE = 4.0;

    /**
     * @param  list<float>  $rowF  how the logit of its fill depends on what all slots share
     * @param  list<float>  $rowX  the same of its capping
     * @param  float  $paintF  variance of painting on the logit of the fill; $paintX: of the capping
     * @param  float  $byF  how the share of the whole box moves with its fill's logit; $byX: with its capping's
     */
    private function __construct(
        public array $rowF,
        public array $rowX,
        public float $paintF,
        public float $paintX,
        public float $byF,
        public float $byX,
    ) {
    }

    /** @param  float  $byCapped  slope of the box's logit by a capped area; $byFill: by a filled one */
    public static function of(SlotExpectation $slot, float $byCapped, float $byFill, float $edgeSd): self
    {
        $f = min(1.0 - 1e-9, max(1e-9, $slot->own->fill));
        $x = min(1.0 - 1e-9, max(1e-9, $slot->own->capped / $f));
        $paintX = 0.5 * $edgeSd ** 2 * ((1.0 - $x) ** 2 + $x * $x) / ($f * $x * (1.0 - $x)) ** 2;

        return new self(
            $slot->rowF,
            $slot->rowX,
            min(self::MOST_VARIANCE, ($edgeSd / ($f * (1.0 - $f))) ** 2),
            min(self::MOST_VARIANCE, $paintX),
            $byCapped * $slot->own->cappedByF - $byFill * $slot->own->fillByF,
            $byCapped * $slot->own->cappedByX,
        );
    }

    /**
     * What pulling it takes off the variance of the box's share.
     *
     * @param  list<float>  $common  how the box's share depends on what all slots share
     */
    public function gain(array $common, LevelAndSide $level): float
    {
        [$e11, $e12, $e22] = $level->own;
        $n11 = $e11 + $this->paintF;
        $n12 = $e12;
        $n22 = $this->seenSpread($level);
        $c1 = $e11 * $this->byF + $e12 * $this->byX;
        $c2 = $e12 * $this->byF + $e22 * $this->byX;
        foreach ($this->rowF as $k => $one) {
            $n11 += $one * $one;
            $n12 += $one * $this->rowX[$k];
            $c1 += $one * $common[$k];
            $c2 += $this->rowX[$k] * $common[$k];
        }

        return ($n22 * $c1 * $c1 - 2.0 * $n12 * $c1 * $c2 + $n11 * $c2 * $c2) / ($n11 * $n22 - $n12 * $n12);
    }

    /** Variance of the share's logit that is left of it where all were pulled: that of painting. */
    public function left(LevelAndSide $level): float
    {
        [$e11, , $e22] = $level->own;

        return $this->byF ** 2 * $e11 * $this->paintF / ($e11 + $this->paintF)
            + $this->byX ** 2 * $e22 * $this->paintX / ($e22 + $this->paintX);
    }

    /** Once this one is pulled, what it tells of all others is known: the row depends on so much less. */
    public function without(self $pulled, LevelAndSide $level): self
    {
        return new self(
            $pulled->less($this->rowF, $level),
            $pulled->less($this->rowX, $level),
            $this->paintF,
            $this->paintX,
            $this->byF,
            $this->byX,
        );
    }

    /**
     * @param  list<float>  $row
     * @return list<float>
     */
    public function less(array $row, LevelAndSide $level): array
    {
        $square = $dot = 0.0;
        foreach ($this->rowX as $k => $one) {
            $square += $one * $one;
            $dot += $one * $row[$k];
        }
        if ($square <= 0.0) {
            return $row;
        }
        $by = (1.0 - sqrt(max(0.0, 1.0 - $square / $this->seenSpread($level)))) * $dot / $square;
        $less = [];
        foreach ($row as $k => $one) {
            $less[] = $one - $by * $this->rowX[$k];
        }

        return $less;
    }

    /** Variance of the logit of its capping, as it will be painted. */
    private function seenSpread(LevelAndSide $level): float
    {
        $sum = $level->own[2] + $this->paintX;
        foreach ($this->rowX as $one) {
            $sum += $one * $one;
        }

        return $sum;
    }
}
