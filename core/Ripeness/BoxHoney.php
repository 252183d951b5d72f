<?php

declare(strict_types=1);

namespace Marjoram\Core\Ripeness;

use Marjoram\Core\Comb\Comb;
use Marjoram\Core\Comb\CombAssumptions;
use Marjoram\Core\Comb\Face;
use Marjoram\Core\Comb\FittedBox;
use Marjoram\Core\Comb\Frame;
use Marjoram\Core\Comb\Kilograms;

/**
 * The honey of a whole box: what was seen, and what is presumed of the frames not looked at.
 *
 * The unseen frames' errors are taken as fully together (they share theta), which errs on the wide side.
 */
final readonly class BoxHoney
{
    /**
     * @param  float  $seenKg  of the frames looked at
     * @param  float  $grossKg  with its box, wood and wax
     */
    private function __construct(public Kilograms $honey, public float $seenKg, public float $grossKg)
    {
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
                $kg = $slot->fillSd > 0.0 ? $comb->honeyIn($box, [$given[$slot->slot]])->honey->kg : 0.0;
                $glanced += (($kg * $slot->fillSd) / max(0.05, $slot->weight)) ** 2;

                continue;
            }
            $capped = $slot->weight * ($slot->cappedShare ?? 0.0);
            $face = new Face($capped, min(1.0 - $capped, $slot->weight - $capped));
            $presumed[] = new Frame($slot->slot, $face, $face);
            $spread +=
                ($slot->fillSd / max(0.05, $slot->weight)) *
                $comb->honeyIn($box, [new Frame($slot->slot, $face, $face)])->honey->kg;
        }
        $whole = $comb->honeyIn($box, [...$seen, ...$presumed]);
        $own = sqrt($whole->honey->ownSdKg ** 2 + $spread ** 2 + $glanced);

        return new self(
            new Kilograms($whole->honey->kg, $whole->honey->commonSdKg, $own),
            $comb->honeyIn($box, $seen)->honey->kg,
            $whole->grossKg - $gaps * $box->kind->frameMassKg(),
        );
    }
}
