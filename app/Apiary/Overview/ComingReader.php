<?php

declare(strict_types=1);

namespace App\Apiary\Overview;

use App\Apiary\Hives\YardReader;
use App\Apiary\Operation\CurrentOperation;
use App\Apiary\Operation\Policy;
use App\Models\Apiary;
use DateInterval;
use DateTimeImmutable;

/** Reads what each yard has to come in: what is ripe, not needed for winter, and on no clearing yet. */
final readonly class ComingReader
{
    public function __construct(
        private CurrentOperation $current,
        private OverviewReader $overviews,
        private YardReader $yards,
        private OnTheWay $onTheWay,
    ) {
    }

    public function of(Apiary $apiary): YardComing
    {
        $overview = $this->overviews->of($apiary);
        $clearings = $this->onTheWay->clearings($apiary->id);
        $planned = YardComing::boxesOn($clearings);
        $now = $later = [];
        foreach ($overview->hives as $code => $hive) {
            foreach ($hive->supers as $super) {
                if (in_array($super->id, $planned, true)) {
                    continue;
                }
                if ($super->mayComeIn()) {
                    $now[(string) $code][] = $super;
                } elseif ($super->spareWhenRipe) {
                    $later[(string) $code][] = $super;
                }
            }
        }
        $ends = $this->flowEnds($apiary);

        return new YardComing(
            $overview,
            $now,
            $later,
            $clearings,
            $this->onTheWay->treatment($apiary->id),
            $ends,
            $ends?->add(new DateInterval('P'.Policy::at($this->current, $apiary)->offAfterFlowDays.'D')),
        );
    }

    /** While the flow is on, the keeper expects it to end with the harvest that is under way. */
    private function flowEnds(Apiary $apiary): ?DateTimeImmutable
    {
        $harvest = Policy::at($this->current, $apiary)->harvest;

        return $this->yards->flow($apiary)->endedOn()
            ?? ($harvest === null ? null : new DateTimeImmutable($harvest->ends_on->format('Y-m-d')));
    }
}
