<?php

declare(strict_types=1);

namespace App\YardState\Coming;

use App\Models\Apiary;
use App\Models\Clearing;
use App\Models\Treatment;
use App\Operation\CurrentOperation;
use App\Operation\Policy;
use App\YardState\Digest\DigestReader;
use App\YardState\YardReader;
use DateInterval;
use DateTimeImmutable;

/** Reads what each yard has to come in: what is ripe, not needed for winter, and on no clearing yet. */
final readonly class ComingReader
{
    public function __construct(
        private CurrentOperation $current,
        private DigestReader $digests,
        private YardReader $yards,
    ) {
    }

    public function of(Apiary $apiary): YardComing
    {
        $digest = $this->digests->of($apiary);
        $clearings = Clearing::open()
            ->where('apiary_id', $apiary->id)
            ->with(['items.hive', 'items.box'])
            ->orderBy('first_on')
            ->get();
        $planned = $clearings->flatMap(fn (Clearing $one) => $one->items)->pluck('box_id')->all();
        $now = $later = [];
        foreach ($digest->hives as $code => $hive) {
            foreach ($hive->supers as $super) {
                if (in_array($super->id, $planned, true)) {
                    continue;
                }
                $one = new ComingSuper($hive->id, (string) $code, $super);
                if ($super->mayComeIn()) {
                    $now[(string) $code][] = $one;
                } elseif ($super->spareWhenRipe) {
                    $later[(string) $code][] = $one;
                }
            }
        }
        $ends = $this->flowEnds($apiary);

        return new YardComing(
            $digest,
            $now,
            $later,
            array_values($clearings->all()),
            $this->treatment($apiary),
            $ends,
            $ends?->add(new DateInterval('P'.Policy::at($this->current, $apiary)->offAfterFlowDays.'D')),
        );
    }

    /** Supers off by, from the label of the next treatment. */
    private function treatment(Apiary $apiary): ?DateTimeImmutable
    {
        $next = Treatment::query()
            ->where('apiary_id', $apiary->id)
            ->where('supers_off_by', '>=', $this->current->today())
            ->orderBy('supers_off_by')
            ->first();

        return $next === null ? null : new DateTimeImmutable($next->supers_off_by->format('Y-m-d'));
    }

    /** While the flow is on, the keeper expects it to end with the harvest that is under way. */
    private function flowEnds(Apiary $apiary): ?DateTimeImmutable
    {
        $harvest = Policy::at($this->current, $apiary)->harvest;

        return $this->yards->flow($apiary)->endedOn()
            ?? ($harvest === null ? null : new DateTimeImmutable($harvest->ends_on->format('Y-m-d')));
    }
}
