<?php

declare(strict_types=1);

namespace App\Rounds;

use App\Models\Apiary;
use App\Operation\Computed;
use App\Operation\CurrentOperation;
use App\Operation\Policy;
use App\YardState\BoxState;
use App\YardState\YardReader;
use App\YardState\YardState;
use DateInterval;
use DateTimeImmutable;
use Marjoram\Core\Ripeness\Verdict;

/** Reads what each yard has to come in, one yard after the other: of forty yards all at once would not fit in memory. */
final readonly class ComingReader
{
    public function __construct(
        private CurrentOperation $current,
        private YardReader $yards,
        private \App\Clear\ClearReader $clear,
        private Computed $kept,
    ) {
    }

    public function of(Apiary $apiary): YardComing
    {
        return $this->kept->remember(
            "coming.$apiary->id",
            fn (): YardComing => $this->make($this->yards->one($apiary)),
            $apiary->revision,
        );
    }

    private function make(YardState $yard): YardComing
    {
        $clearing = $this->clear->read($yard);
        $policy = Policy::at($this->current, $yard->apiary);
        // While the flow is on, the keeper expects it to end with the harvest that is under way.
        $ended =
            $yard->flow->endedOn() ??
            ($policy->harvest() === null ? null : new DateTimeImmutable($policy->harvest()->ends_on->format('Y-m-d')));
        $known = [
            ...array_map(
                static fn (BoxState $box): string => $box->box->id,
                array_merge([], ...array_values($clearing->later)),
            ),
            ...$clearing->planned(),
        ];
        $undecided = array_filter($yard->supers(), static fn (BoxState $box): bool => $box->decision === null);

        return new YardComing(
            $this->supers($clearing->coming, false),
            $this->supers($clearing->later, true),
            count(array_filter($undecided, static fn (BoxState $box): bool => $box->verdict() === Verdict::Look)),
            count(
                array_filter(
                    $undecided,
                    static fn (BoxState $box): bool => $box->verdict() === Verdict::Wait &&
                        ! in_array($box->box->id, $known, true),
                ),
            ),
            $clearing->offBy?->format('Y-m-d'),
            $ended?->format('Y-m-d'),
            $ended?->add(new DateInterval('P'.(int) $policy->number('off_after_flow_days').'D'))->format('Y-m-d'),
        );
    }

    /**
     * @param  array<string, list<BoxState>>  $byHive
     * @return list<ComingSuper>
     */
    private function supers(array $byHive, bool $wait): array
    {
        $supers = [];
        foreach ($byHive as $code => $boxes) {
            foreach ($boxes as $box) {
                $supers[] = new ComingSuper(
                    $box->place->hive_id,
                    (string) $code,
                    $box->box->id,
                    $box->honey->honeyKg,
                    $box->hasBrood(),
                    $wait ? $this->ripeOn($box) : null,
                );
            }
        }

        return $supers;
    }

    /** From the day of its look, at the pace that the looks show. */
    private function ripeOn(BoxState $box): string
    {
        $looked = $box->look->latest === null ? $this->current->today() : $box->look->latest->looked_at;

        return (new DateTimeImmutable($looked->format('Y-m-d')))
            ->modify('+'.($box->ripeness->waitDays ?? 0).' days')
            ->format('Y-m-d');
    }
}
