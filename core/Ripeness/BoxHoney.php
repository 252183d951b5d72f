<?php

declare(strict_types=1);

namespace Marjoram\Core\Ripeness;

use Marjoram\Core\Comb\Comb;
use Marjoram\Core\Comb\CombAssumptions;
use Marjoram\Core\Comb\Face;
use Marjoram\Core\Comb\FittedBox;
use Marjoram\Core\Comb\Frame;

/**
 * The honey of a whole box: what was seen, and what is presumed of the frames not looked at.
 *
 * The unseen frames' errors are taken as fully together (they share theta), which errs on the wide side.
 */
final readonly class BoxHoney
{
    private function __construct(
        public float $honeyKg,
        public float $sdKg,
        public float $ownSdKg,
        public float $seenKg,
        public float $grossKg,
        public float $fillSdKg,
    ) {
    }

    /**
     * Standard deviation (kg) of boxes together: the fill's error is common to all, the rest is each one's own.
     *
     * @param  list<self>  $boxes
     */
    public static function sdOfSum(array $boxes): float
    {
        $fill = array_sum(array_map(static fn (self $box): float => $box->fillSdKg, $boxes));

        return sqrt($fill ** 2 + array_sum(array_map(static fn (self $box): float => $box->ownSdKg ** 2, $boxes)));
    }

    /**
     * @param  list<Frame>  $seen
     * @param  int  $gaps  slots without a frame: the box is so much lighter
     */
    public static function of(
        FittedBox $box,
        array $seen,
        BoxEstimate $estimate,
        CombAssumptions $assumptions = new CombAssumptions,
        int $gaps = 0,
    ): self {
        $comb = new Comb($assumptions);
        $presumed = [];
        $spread = $glanced = 0.0;
        $given = array_column($seen, null, 'slot');
        foreach ($estimate->slots as $slot) {
            if ($slot->seen) {
                $kg = $slot->fillSd > 0.0 ? $comb->honeyIn($box, [$given[$slot->slot]])->honeyKg : 0.0;
                $glanced += (($kg * $slot->fillSd) / max(0.05, $slot->weight)) ** 2;

                continue;
            }
            $capped = $slot->weight * ($slot->cappedShare ?? 0.0);
            $face = new Face($capped, min(1.0 - $capped, $slot->weight - $capped));
            $presumed[] = new Frame($slot->slot, $face, $face);
            $spread +=
                ($slot->fillSd / max(0.05, $slot->weight)) *
                $comb->honeyIn($box, [new Frame($slot->slot, $face, $face)])->honeyKg;
        }
        $seenHoney = $comb->honeyIn($box, $seen);
        $whole = $comb->honeyIn($box, [...$seen, ...$presumed]);
        $common = ($assumptions->boxRelativeSd * $whole->honeyKg) ** 2;
        $own = max(0.0, $whole->sdKg ** 2 - $common) + $spread ** 2 + $glanced;

        return new self(
            $whole->honeyKg,
            $assumptions->sdOfSumKg($whole->honeyKg, $own),
            sqrt($own),
            $seenHoney->honeyKg,
            $whole->grossKg - $gaps * $box->kind->frameMassKg(),
            sqrt($common),
        );
    }
}
