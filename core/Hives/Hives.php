<?php

declare(strict_types=1);

namespace Marjoram\Core\Hives;

use Marjoram\Core\InvalidInput;
use Marjoram\Core\Ripeness\Ripeness;
use Marjoram\Core\Ripeness\Super;

/** Judges the boxes of a hive, each in its place above the others; pages and phone alike. Entry point of the module. */
final readonly class Hives
{
    public function __construct(private Ripeness $ripeness = new Ripeness)
    {
    }

    /**
     * @param  list<KnownBox>  $boxes  from the floor up
     * @return list<JudgedBox> from the floor up
     *
     * @throws InvalidInput when a frame is not of its box or a value is out of range
     */
    public function judge(array $boxes, Circumstances $here): array
    {
        $judged = [];
        $underCapped = false;
        // Bees cap from the top down: the capping of a super changes the estimate for those below.
        foreach (array_reverse($boxes) as $box) {
            $one = $this->box($box, $here, $underCapped && $box->isSuper);
            $underCapped = $underCapped || ($box->isSuper && $this->ripeness->countsAsCapped($one->ripeness->box));
            array_unshift($judged, $one);
        }

        return $judged;
    }

    private function box(KnownBox $box, Circumstances $here, bool $underCapped): JudgedBox
    {
        $super = new Super(
            $box->fitted,
            $box->frames,
            $box->shake,
            $box->readings,
            $here->excluder,
            $here->flow,
            $here->dryRoom,
            $here->canRearrange,
            $box->lastCappedShare === null ? null : $box->daysSinceLast,
            $box->lastCappedShare,
            $underCapped,
            $box->daysSinceEmpty,
            $box->comb,
            hasRefractometer: $here->hasRefractometer,
            ofLastSeason: $box->ofLastSeason,
            daysOfFlow: $box->daysOfFlow,
        );
        $result = $this->ripeness->judge($super, $here->policy);
        $kind = $box->fitted->kind;
        $grossKg = $result->box->honey->kg + $kind->emptyMassKg - $box->gaps * $kind->frameMassKg();

        return new JudgedBox($box->id, $result, $result->box->honey, $result->box->seenKg(), $grossKg);
    }
}
