<?php

declare(strict_types=1);

namespace App\Rounds;

use App\Models\Apiary;
use App\Support\Units\Formatter;
use App\YardState\YardReader;
use DateTimeImmutable;

/**
 * What is to come in from each yard: what is ripe now, and what will be ripe within the days of a plan; each with the
 * day on which it is ready and the day by which it should be off (the label of a treatment, the end of the flow).
 */
final readonly class BatchReader
{
    /** What becomes of supers that are still to wait. */
    public const OWN = 'own';

    public const TOGETHER = 'together';

    public const OUT = 'out';

    public function __construct(private YardReader $yards, private ComingReader $coming, private Formatter $format)
    {
    }

    /** @return array{list<Batch>, list<string>} and what is not among them, in sentences */
    public function of(DateTimeImmutable $first, DateTimeImmutable $last, string $later): array
    {
        $batches = $left = [];
        foreach ($this->yards->apiaries() as $apiary) {
            [$found, $words] = $this->yard($apiary, $this->coming->of($apiary), $first, $last, $later);
            $batches = [...$batches, ...$found];
            $left = [...$left, ...$words];
        }

        return [$batches, $left];
    }

    /** @return array{list<Batch>, list<string>} */
    private function yard(
        Apiary $apiary,
        YardComing $coming,
        DateTimeImmutable $first,
        DateTimeImmutable $last,
        string $later,
    ): array {
        $left = $this->staying($apiary, $coming);
        $batches = $coming->now === [] ? [] : [$this->batch($apiary, $coming, $coming->now, false, $first, $last)];
        if ($coming->later === [] || $later === self::OUT) {
            return [$batches, $left];
        }
        $ready = array_reduce(
            $coming->later,
            static fn (DateTimeImmutable $day, ComingSuper $super): DateTimeImmutable => max(
                $day,
                new DateTimeImmutable((string) $super->ripeOn),
            ),
            $first,
        );
        $said = ['yard' => $apiary->name, 'day' => $this->format->weekday($ready)];
        if ($coming->treatment !== null && $ready->format('Y-m-d') > $coming->treatment) {
            return [
                $batches,
                [
                    ...$left,
                    trans_choice(
                        '{1} :yard: :count super would be ripe about :day, after supers must be off for treatment (:off): take it to be dried, or leave it to the bees.|[2,*] :yard: :count supers would be ripe about :day, after supers must be off for treatment (:off): take them to be dried, or leave them to the bees.',
                        count($coming->later),
                        $said + ['off' => $this->format->weekday(new DateTimeImmutable($coming->treatment))],
                    ),
                ],
            ];
        }
        if ($ready > $last) {
            return [
                $batches,
                [
                    ...$left,
                    trans_choice(
                        '{1} :yard: :count super will be ripe about :day, after the last day of this plan.|[2,*] :yard: :count supers will be ripe about :day, after the last day of this plan.',
                        count($coming->later),
                        $said,
                    ),
                ],
            ];
        }
        $then = $this->batch($apiary, $coming, $coming->later, true, $ready, $last);

        return [
            $later === self::TOGETHER && $batches !== [] ? [$batches[0]->with($then)] : [...$batches, $then],
            $left,
        ];
    }

    /**
     * Off by the earliest of the days that bind; where it is past, or before they are ripe, the first day there is.
     *
     * @param  list<ComingSuper>  $supers
     */
    private function batch(
        Apiary $apiary,
        YardComing $coming,
        array $supers,
        bool $later,
        DateTimeImmutable $ready,
        DateTimeImmutable $last,
    ): Batch {
        [$by, $why] = match (true) {
            $coming->offAfterFlow !== null &&
                ($coming->treatment === null || $coming->offAfterFlow < $coming->treatment) => [new DateTimeImmutable($coming->offAfterFlow), 'flow'],
            $coming->treatment !== null => [new DateTimeImmutable($coming->treatment), 'treatment'],
            default => [$last, 'plan'],
        };
        $byHive = [];
        foreach ($supers as $super) {
            $byHive[$super->code][] = $super;
        }

        return new Batch(
            $apiary,
            $byHive,
            $later,
            $ready,
            max($by, $ready),
            $why,
            $coming->treatment,
            $coming->flowEnds,
        );
    }

    /** @return list<string> */
    private function staying(Apiary $apiary, YardComing $coming): array
    {
        return [
            ...$coming->toLook === 0
                ? []
                : [
                    trans_choice(
                        '{1} :yard: :count super is still to be looked at.|[2,*] :yard: :count supers are still to be looked at.',
                        $coming->toLook,
                        ['yard' => $apiary->name],
                    ),
                ],
            ...$coming->forWinter === 0
                ? []
                : [
                    trans_choice(
                        '{1} :yard: :count super is to wait, and winter will want it when it is ripe.|[2,*] :yard: :count supers are to wait, and winter will want them when they are ripe.',
                        $coming->forWinter,
                        ['yard' => $apiary->name],
                    ),
                ],
        ];
    }
}
