<?php

declare(strict_types=1);

namespace Marjoram\Core\Clearing;

use DateTimeImmutable;

/**
 * Which planned visits cannot go as they are planned, and the nearest days on which they can: dry for their method,
 * within the crew's time, and before the supers should be off where that is possible. Entry point of the module.
 * That nobody opens a hive in the rain, boards or not, is common practice.
 */
final readonly class Mending
{
    public function __construct(private MethodTable $table = new MethodTable)
    {
    }

    /**
     * @param  list<PlannedVisit>  $visits  all that are not done
     * @param  array<array-key, float>  $crewMin  minutes of the crew by date, in order: the days that may be used
     * @param  DateTimeImmutable  $today  the first day on which work can still be done
     * @return list<MendedVisit> the visits in trouble, those with the earliest day first
     */
    public function of(array $visits, array $crewMin, DateTimeImmutable $today): array
    {
        $troubled = $stays = [];
        foreach ($visits as $visit) {
            $found = $this->trouble($visit, $today);
            $found === null ? $stays[] = $visit : $troubled[] = $found;
        }
        foreach ($stays as $visit) {
            $crewMin = self::without($crewMin, $visit->daysLeft(), $visit->minutesADay());
        }
        $key = static fn (MendedVisit $one): array => [$one->on, $one->visit->id];
        usort($troubled, static fn (MendedVisit $a, MendedVisit $b): int => $key($a) <=> $key($b));
        $mended = [];
        foreach ($troubled as $one) {
            $days = $one->why === Trouble::Robbed ? [] : $this->newDays($one->visit, $crewMin, $today);
            $crewMin = self::without($crewMin, $days, $one->visit->minutesADay());
            $hasBoards = $one->visit->boardsOn;
            $mended[] = new MendedVisit(
                $one->visit,
                $one->why,
                $one->on,
                $hasBoards && $days !== [] ? $one->visit->first : $days[0] ?? null,
                $hasBoards ? $days[0] ?? null : $days[1] ?? null,
            );
        }

        return $mended;
    }

    private function trouble(PlannedVisit $visit, DateTimeImmutable $today): ?MendedVisit
    {
        if ($visit->robbed && $visit->method->robbingRisk() !== RobbingRisk::Low) {
            return new MendedVisit($visit, Trouble::Robbed, $visit->first);
        }
        foreach ($visit->daysLeft() as $day) {
            if ($day < $today) {
                return new MendedVisit($visit, Trouble::Missed, $day);
            }
            $known = $visit->forecast[$day->format('Y-m-d')] ?? null;
            $why = $known === null ? null : $this->table->trouble($visit->method, $known);
            if ($why !== null) {
                return new MendedVisit($visit, $why, $day);
            }
        }

        return null;
    }

    /**
     * The days nearest to those planned on which all of it can be done; the crew's time is exceeded only where no day
     * has enough of it.
     *
     * @param  array<array-key, float>  $crewMin
     * @return list<DateTimeImmutable> one for each that is left; none where no day will do
     */
    private function newDays(PlannedVisit $visit, array $crewMin, DateTimeImmutable $today): array
    {
        $best = [];
        $score = null;
        foreach ($this->choices($visit, $crewMin, $today) as $days) {
            $bad = array_filter($days, fn (DateTimeImmutable $day): bool => ! $this->isGood($visit, $day));
            // Boards that are on come in, whatever the sky does; all else waits.
            if ($bad !== [] && ! $visit->boardsOn) {
                continue;
            }
            $isFull = static fn (DateTimeImmutable $day): bool => ($crewMin[$day->format('Y-m-d')] ?? 0.0)
                < $visit->minutesADay();
            $try = [
                count($bad),
                count(array_filter($days, $isFull)),
                $visit->offBy !== null && $days[count($days) - 1] > $visit->offBy ? 1 : 0,
                abs(self::days($visit->daysLeft()[0], $days[0])),
                self::days($today, $days[count($days) - 1]),
            ];
            if ($score === null || $try < $score) {
                [$best, $score] = [$days, $try];
            }
        }

        return $best;
    }

    /**
     * @param  array<array-key, float>  $crewMin
     * @return list<non-empty-list<DateTimeImmutable>>
     */
    private function choices(PlannedVisit $visit, array $crewMin, DateTimeImmutable $today): array
    {
        $isOpen = static fn (DateTimeImmutable $day): bool => $day >= $today
            && ($crewMin[$day->format('Y-m-d')] ?? 0.0) > 0.0;
        $most = $this->table->board->mostNights;
        if ($visit->boardsOn) {
            // Boards must not stay on: a day off counts as well, and today where all else is past.
            $left = [];
            for ($n = 1; $n <= $most; $n++) {
                $day = $visit->first->modify("+$n days");
                $left = [...$left, ...$day >= $today ? [[$day]] : []];
            }

            return $left === [] ? [[$today]] : $left;
        }
        $choices = [];
        foreach (array_keys($crewMin) as $date) {
            $day = new DateTimeImmutable((string) $date, $today->getTimezone());
            if (! $isOpen($day)) {
                continue;
            }
            if ($visit->second === null) {
                $choices[] = [$day];

                continue;
            }
            for ($n = 1; $n <= $most; $n++) {
                $second = $day->modify("+$n days");
                if ($isOpen($second)) {
                    $choices[] = [$day, $second];
                }
            }
        }

        return $choices;
    }

    /** Dry and warm enough for the method, or not known. */
    private function isGood(PlannedVisit $visit, DateTimeImmutable $day): bool
    {
        $known = $visit->forecast[$day->format('Y-m-d')] ?? null;

        return $known === null || $this->table->trouble($visit->method, $known) === null;
    }

    /**
     * @param  array<array-key, float>  $crewMin
     * @param  list<DateTimeImmutable>  $days
     * @return array<array-key, float>
     */
    private static function without(array $crewMin, array $days, float $minutes): array
    {
        foreach ($days as $day) {
            $date = $day->format('Y-m-d');
            if (isset($crewMin[$date])) {
                // A day that is full stays a day of work.
                $crewMin[$date] = max(1e-6, $crewMin[$date] - $minutes);
            }
        }

        return $crewMin;
    }

    private static function days(DateTimeImmutable $from, DateTimeImmutable $to): int
    {
        return (int) $from->diff($to)->format('%r%a');
    }
}
