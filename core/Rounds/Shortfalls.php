<?php

declare(strict_types=1);

namespace Marjoram\Core\Rounds;

use DateTimeImmutable;
use Marjoram\Core\Statement;

/**
 * Explains what is not served or late: first what no plan could do (proofs), then what this plan leaves no room for:
 * with all else kept, the two visits in time that lack least.
 */
final readonly class Shortfalls
{
    private const TOLD = 2;

    private VisitCosts $costs;

    public function __construct(private RoundsQuestion $question)
    {
        $this->costs = new VisitCosts($question);
    }

    /** @return list<Shortfall> */
    public function of(Itinerary $plan): array
    {
        $found = [];
        foreach ($this->question->yards as $a => $yard) {
            $missing = $plan->notServed[$yard->id] ?? 0;
            $isLate = static fn (Visit $one): bool => $one->yard === $yard->id && $one->last > $yard->deadline;
            $late = array_values(array_filter($plan->visits, $isLate));
            if ($missing > 0 || $late !== []) {
                $hives = $missing > 0 ? $missing : $late[0]->hives;
                $found = [...$found, ...$this->proof($a, $hives) ?? $this->relative($yard, $hives, $plan)];
            }
        }

        return $found;
    }

    /** @return list<Shortfall>|null what makes it impossible whatever the rest of the plan; null where nothing does */
    private function proof(int $a, int $hives): ?array
    {
        $yard = $this->question->yards[$a];
        $candidates = $this->costs->candidates($yard);
        $none = $this->nothingAtAll($yard, $candidates);
        if ($none !== null) {
            return [$none];
        }
        $least = null;
        foreach ($candidates as $slot) {
            $excess = $this->costs->excessAlone($a, $slot, $this->question->split ? 1 : $hives);
            if ($excess === []) {
                return null;
            }
            $hard = BrokenLimit::hardness($excess);
            if ($least === null || $hard < $least[0]) {
                $least = [$hard, $excess];
            }
        }

        return $least === null ? null : [$this->impossible($yard, $hives, $least[1])];
    }

    /** @param  list<Slot>  $candidates */
    private function nothingAtAll(YardToFetch $yard, array $candidates): ?Shortfall
    {
        $open = array_filter($this->question->days, static fn (WorkDay $day): bool => ! $day->isOff());
        $lacking = array_filter($yard->methods, $this->costs->lacksKit(...));
        $from = ['from' => $yard->ready];
        $fromReady = array_filter($open, static fn (WorkDay $day): bool => $day->date >= $yard->ready);

        return match (true) {
            $open === [] => $this->shortfall($yard, ShortfallReason::NoCrewTime, 'crew'),
            count($lacking) === count($yard->methods) => $this->shortfall($yard, ShortfallReason::NoKit, 'kit'),
            $candidates !== [] => null,
            $fromReady === [] => $this->shortfall($yard, ShortfallReason::NoCrewDay, 'crew', $from),
            default => $this->shortfall($yard, ShortfallReason::NoWeather, 'weather', $from),
        };
    }

    /** @param  array<string, DateTimeImmutable>  $figures */
    private function shortfall(YardToFetch $yard, ShortfallReason $why, string $kind, array $figures = []): Shortfall
    {
        /** @var 'boards'|'crew'|'truck'|'hold'|'weather'|'kit' $kind */
        return new Shortfall($yard->id, new Statement($why, $figures), $kind);
    }

    /** @param  non-empty-list<BrokenLimit>  $excess */
    private function impossible(YardToFetch $yard, int $hives, array $excess): Shortfall
    {
        usort($excess, static fn (BrokenLimit $a, BrokenLimit $b): int => $b->by <=> $a->by);
        $most = $excess[0];
        $capacity = $this->question->capacity;
        $supers = $yard->supersPerHive() * $hives;
        [$why, $figures] = match ($most->limit) {
            ScheduleLimit::Boards => [
                ShortfallReason::TooFewBoards,
                ['hives' => $hives, 'boards' => $this->question->kit->escapeBoards, 'short' => $most->by],
            ],
            ScheduleLimit::Truck => [
                ShortfallReason::BeyondTruckload,
                ['supers' => $supers, 'room' => $capacity->truckSupers],
            ],
            ScheduleLimit::Hold => [
                ShortfallReason::BeyondHoneyRoom,
                ['supers' => $supers, 'room' => $capacity->holdSupers],
            ],
            ScheduleLimit::Crew => [ShortfallReason::FitsNoDay, ['short' => $most->by]],
        };
        $day = $most->limit === ScheduleLimit::Crew ? $most->day : null;

        return new Shortfall($yard->id, new Statement($why, $figures), $most->limit->value, $day, $most->by);
    }

    /** @return list<Shortfall> at most two */
    private function relative(YardToFetch $yard, int $hives, Itinerary $plan): array
    {
        $stays = static fn (Visit $one): bool => $one->yard !== $yard->id || isset($plan->notServed[$yard->id]);
        $others = array_values(array_filter($plan->visits, $stays));
        $tours = new Tours($this->question->travel);
        $found = [];
        foreach ($this->costs->candidates($yard) as $slot) {
            $visit = $this->visit($yard, $hives, $slot);
            if ($visit->last <= $yard->deadline) {
                $broken = Itinerary::of($this->question, [...$others, $visit], $tours)->broken;
                $found[] = [BrokenLimit::hardness($broken), self::lacking($visit, $broken)];
            }
        }
        if ($found === []) {
            $why = new Statement(
                ShortfallReason::NoDayInTime,
                ['ready' => $yard->ready, 'deadline' => $yard->deadline],
            );

            return [new Shortfall($yard->id, $why, 'weather', $yard->deadline)];
        }
        usort($found, static fn (array $x, array $y): int => $x[0] <=> $y[0]);

        return self::firstApart(array_column($found, 1));
    }

    private function visit(YardToFetch $yard, int $hives, Slot $slot): Visit
    {
        $days = $this->question->days;

        return new Visit($yard->id, $hives, $slot->method, $days[$slot->first]->date, $days[$slot->last]->date);
    }

    /** @param  list<BrokenLimit>  $broken */
    private static function lacking(Visit $visit, array $broken): Shortfall
    {
        $first = $broken[0] ?? null;
        $why = new Statement($first === null ? ShortfallReason::WouldFit : ShortfallReason::Lacks);

        return new Shortfall(
            $visit->yard,
            $why,
            ($first->limit ?? ScheduleLimit::Crew)->value,
            $first->day ?? $visit->last,
            $first?->by,
            $visit,
            $broken,
        );
    }

    /**
     * The first that differ in what a person would be told: by which method, on which day, lacking what.
     *
     * @param  list<Shortfall>  $found
     * @return list<Shortfall>
     */
    private static function firstApart(array $found): array
    {
        $told = [];
        foreach ($found as $one) {
            /** @var Visit $visit */
            $visit = $one->visit;
            $told[serialize([$visit->method, $visit->lastDay(), $one->lacking])] ??= $one;
            if (count($told) === self::TOLD) {
                break;
            }
        }

        return array_values($told);
    }
}
