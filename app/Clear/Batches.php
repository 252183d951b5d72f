<?php

declare(strict_types=1);

namespace App\Clear;

use App\Assess\BoxState;
use App\Assess\YardReader;
use App\Assess\YardState;
use App\Models\Apiary;
use App\Support\CurrentOperation;
use App\Support\PolicyBook;
use App\Support\Units\Formatter;
use DateInterval;
use DateTimeImmutable;
use Marjoram\Core\Ripeness\Verdict;

/**
 * What is to come in from each yard: what is ripe now, and what will be ripe within the days of a plan; each with the
 * day on which it is ready and the day by which it should be off (the label of a treatment, the end of the flow).
 */
final readonly class Batches
{
    /** What becomes of supers that are still to wait. */
    public const OWN = 'own';

    public const TOGETHER = 'together';

    public const OUT = 'out';

    public function __construct(private CurrentOperation $current, private YardReader $yards, private ClearReader $clear, private Formatter $format)
    {
    }

    /** @return array{list<Batch>, list<string>} and what is not among them, in sentences */
    public function of(DateTimeImmutable $first, DateTimeImmutable $last, string $later): array
    {
        $batches = $left = [];
        foreach ($this->yards->all() as $yard) {
            [$found, $words] = $this->yard($yard, $first, $last, $later);
            $batches = [...$batches, ...$found];
            $left = [...$left, ...$words];
        }

        return [$batches, $left];
    }

    /** @return array{list<Batch>, list<string>} */
    private function yard(YardState $yard, DateTimeImmutable $first, DateTimeImmutable $last, string $later): array
    {
        $clearing = $this->clear->read($yard);
        $off = $clearing->offBy === null ? null : self::day($clearing->offBy);
        $flowEnds = $this->flowEnds($yard);
        $make = function (array $byHive, bool $later, DateTimeImmutable $ready) use ($yard, $off, $flowEnds, $last): Batch {
            [$by, $why] = $this->offBy($yard->apiary, $ready, $last, $off, $flowEnds);

            return new Batch($yard->apiary, $byHive, $later, $ready, $by, $why, $off, $flowEnds);
        };
        $batches = $clearing->coming === [] ? [] : [$make($clearing->coming, false, $first)];
        $waiting = $clearing->later;
        $left = [...$this->toLook($yard), ...$this->forWinter($yard, $waiting, $clearing->planned())];
        if ($waiting === []) {
            return [$batches, $left];
        }
        $ready = $this->ready($waiting, $first);
        $count = array_sum(array_map(count(...), $waiting));
        $words = match (true) {
            $later === self::OUT => [],
            $off !== null && $ready > $off => [trans_choice('{1} :yard: :count super would be ripe about :day, after supers must be off for treatment (:off): take it to be dried, or leave it to the bees.|[2,*] :yard: :count supers would be ripe about :day, after supers must be off for treatment (:off): take them to be dried, or leave them to the bees.', $count, ['yard' => $yard->apiary->name, 'day' => $this->format->weekday($ready), 'off' => $this->format->weekday($off)])],
            $ready > $last => [trans_choice('{1} :yard: :count super will be ripe about :day, after the last day of this plan.|[2,*] :yard: :count supers will be ripe about :day, after the last day of this plan.', $count, ['yard' => $yard->apiary->name, 'day' => $this->format->weekday($ready)])],
            default => null,
        };
        if ($words === null) {
            $then = $make($waiting, true, $ready);
            $batches = $later === self::TOGETHER && $batches !== [] ? [$batches[0]->with($then)] : [...$batches, $then];
        }

        return [$batches, [...$left, ...$words ?? []]];
    }

    /**
     * The day on which the last of them should be ripe, from the day of each look.
     *
     * @param  array<string, list<BoxState>>  $waiting
     */
    private function ready(array $waiting, DateTimeImmutable $first): DateTimeImmutable
    {
        $ready = $first;
        foreach (array_merge([], ...array_values($waiting)) as $box) {
            $looked = self::day($box->look->latest === null ? $this->current->today() : $box->look->latest->looked_at);
            $ready = max($ready, $looked->modify('+'.($box->ripeness->waitDays ?? 0).' days'));
        }

        return $ready;
    }

    /** When the flow ended; or while it is on, when the keeper expects the harvest that is under way to end. */
    private function flowEnds(YardState $yard): ?DateTimeImmutable
    {
        $harvest = PolicyBook::at($this->current, $yard->apiary)->harvest();

        return $yard->flow->endedOn() ?? ($harvest === null ? null : self::day($harvest->ends_on));
    }

    /**
     * The earliest of the days that bind; where it is past, or before they are ripe, the first day there is.
     *
     * @return array{DateTimeImmutable, 'treatment'|'flow'|'plan'}
     */
    private function offBy(Apiary $apiary, DateTimeImmutable $ready, DateTimeImmutable $last, ?DateTimeImmutable $treatment, ?DateTimeImmutable $flowEnds): array
    {
        $flow = $flowEnds?->add(new DateInterval('P'.(int) PolicyBook::at($this->current, $apiary)->number('off_after_flow_days').'D'));

        return match (true) {
            $flow !== null && ($treatment === null || $flow < $treatment) => [max($flow, $ready), 'flow'],
            $treatment !== null => [max($treatment, $ready), 'treatment'],
            default => [max($last, $ready), 'plan'],
        };
    }

    /**
     * What waits and will be wanted for winter once it is ripe.
     *
     * @param  array<string, list<BoxState>>  $spare
     * @param  list<string>  $planned  boxes that are on a plan already
     * @return list<string>
     */
    private function forWinter(YardState $yard, array $spare, array $planned): array
    {
        $others = array_map(static fn (BoxState $box): string => $box->box->id, array_merge([], ...array_values($spare)));
        $count = count(array_filter($yard->supers(), static fn (BoxState $box): bool => $box->decision === null && $box->verdict() === Verdict::Wait && ! in_array($box->box->id, [...$others, ...$planned], true)));

        return $count === 0 ? [] : [trans_choice('{1} :yard: :count super is to wait, and winter will want it when it is ripe.|[2,*] :yard: :count supers are to wait, and winter will want them when they are ripe.', $count, ['yard' => $yard->apiary->name])];
    }

    /** @return list<string> */
    private function toLook(YardState $yard): array
    {
        $count = count(array_filter($yard->supers(), static fn (BoxState $box): bool => $box->decision === null && $box->verdict() === Verdict::Look));

        return $count === 0 ? [] : [trans_choice('{1} :yard: :count super is still to be looked at.|[2,*] :yard: :count supers are still to be looked at.', $count, ['yard' => $yard->apiary->name])];
    }

    private static function day(\DateTimeInterface $at): DateTimeImmutable
    {
        return new DateTimeImmutable($at->format('Y-m-d'));
    }
}
