<?php

declare(strict_types=1);

namespace Marjoram\Core\Rounds;

use Marjoram\Core\Clearing\FumeFigures;
use Marjoram\Core\Clearing\Method;

/**
 * What a visit to some hives costs: minutes of its days and what is charged for weather, dearth and lateness; and which
 * visits there are at all for a yard.
 */
final readonly class VisitCosts
{
    public function __construct(private RoundsQuestion $question)
    {
    }

    /** Minutes of the first day of a visit; 0 where one comes once. */
    public function place(Slot $slot, YardToFetch $yard, int $hives): float
    {
        return $slot->method->takesTwoVisits()
            ? $this->question->minutes->board->place($hives, $yard->supersPerHive() * $hives)
            : 0.0;
    }

    /** Minutes of the day on which the supers come in. */
    public function collect(Slot $slot, YardToFetch $yard, int $hives): float
    {
        $supers = $yard->supersPerHive() * $hives;
        $minutes = $this->question->minutes;

        return match ($slot->method) {
            Method::EscapeBoard => $minutes->board->collect($hives, $supers, $this->nights($slot->first, $slot->last)),
            Method::FumeBoard => $minutes->fume->minutes(
                $hives,
                $supers,
                $this->question->sky($yard, $slot->last),
                FumeFigures::atOnce($this->question->kit->fumeBoards, $yard->hives),
            ),
            Method::Blower => $minutes->blower->minutes($hives, $supers),
            Method::Brush => $minutes->brush->minutes($hives, $supers),
            Method::ByFrame => $minutes->byFrame->minutes($hives, $supers),
            Method::Cold => $minutes->cold->minutes($hives, $supers),
        };
    }

    public function charge(Slot $slot, YardToFetch $yard, int $hives): VisitCharge
    {
        $charges = $this->question->charges;
        $sky = $this->question->sky($yard, $slot->last);
        $over = (int) $yard->deadline->diff($this->question->days[$slot->last]->date)->format('%r%a');
        $late = $charges->latePerHiveDay * $hives * max(0, $over);
        if ($slot->method === Method::EscapeBoard) {
            $rain = $this->question->sky($yard, $slot->first)->rainP + $sky->rainP;
            $long = $this->nights($slot->first, $slot->last) === 3 ? $charges->threeNights : 0.0;

            return new VisitCharge(($charges->rainOnBoards * $rain + $long) * $hives, 0.0, $late);
        }
        $isClosed = $slot->method === Method::FumeBoard || $slot->method === Method::Cold;
        $dearth = $isClosed ? $charges->dearthFume : $charges->dearthOpen;

        return new VisitCharge(
            $charges->rainOnOpen * $hives * $sky->rainP,
            $sky->dearth ? $dearth * $hives : 0.0,
            $late,
        );
    }

    public function nights(int $first, int $last): int
    {
        return (int) $this->question->days[$first]->date->diff($this->question->days[$last]->date)->format('%r%a');
    }

    /** Whether what a method needs is not there at all. */
    public function lacksKit(Method $method): bool
    {
        $kit = $this->question->kit;

        return match ($method) {
            Method::EscapeBoard => $kit->escapeBoards < 1,
            Method::FumeBoard => $kit->fumeBoards < 1,
            Method::Blower => ! $kit->blower,
            Method::Brush, Method::ByFrame, Method::Cold => false,
        };
    }

    public function weatherAllows(Method $method, YardToFetch $yard, int $day): bool
    {
        $sky = $this->question->sky($yard, $day);
        $minutes = $this->question->minutes;

        return match ($method) {
            Method::EscapeBoard => true,
            Method::FumeBoard => $sky->rainP <= $minutes->fume->mostRain && $sky->maxC >= $minutes->fume->leastC,
            Method::Blower, Method::Brush, Method::ByFrame => $sky->rainP < $minutes->mostRainOpen,
            Method::Cold => $sky->rainP < $minutes->mostRainOpen && ($sky->minC ?? INF) < $minutes->coldC,
        };
    }

    /**
     * All visits to a yard that kit, dates and weather allow, whether or not they fit the day.
     *
     * @return list<Slot>
     */
    public function candidates(YardToFetch $yard): array
    {
        $found = [];
        foreach ($yard->methods as $method) {
            foreach ($this->lacksKit($method) ? [] : $this->question->days as $d => $day) {
                if (! $day->isOff() && $day->date >= $yard->ready && $this->weatherAllows($method, $yard, $d)) {
                    $found = [...$found, ...$this->from($method, $d)];
                }
            }
        }

        return $found;
    }

    /** @return list<Slot> that begin on a day */
    private function from(Method $method, int $day): array
    {
        if (! $method->takesTwoVisits()) {
            return [new Slot($method, $day, $day)];
        }
        $found = [];
        $days = $this->question->days;
        $most = $this->question->minutes->board->mostNights;
        for ($e = $day + 1; $e < count($days) && $this->nights($day, $e) <= $most; $e++) {
            if (! $days[$e]->isOff()) {
                $found[] = new Slot($method, $day, $e);
            }
        }

        return $found;
    }

    /**
     * By how much a visit to so many hives breaks each limit when nothing else is done; none for one that fits.
     *
     * @return list<BrokenLimit>
     */
    public function excessAlone(int $a, Slot $slot, int $hives): array
    {
        $yard = $this->question->yards[$a];
        $supers = $yard->supersPerHive() * $hives;
        $minutes = $this->question->travel->minutes;
        $drive = $minutes[0][$a + 1] + $minutes[$a + 1][0];
        [$first, $last] = [$this->question->days[$slot->first], $this->question->days[$slot->last]];
        $capacity = $this->question->capacity;
        $two = $slot->method->takesTwoVisits();
        $crew = $drive + $this->collect($slot, $yard, $hives) - $last->crewMin;
        $before = $two ? $drive + $this->place($slot, $yard, $hives) - $first->crewMin : -INF;
        $boards = $two ? (float) ($hives - $this->question->kit->escapeBoards) : 0.0;
        $all = [
            new BrokenLimit(ScheduleLimit::Boards, $last->date, $boards),
            new BrokenLimit(ScheduleLimit::Crew, $last->date, max($crew, $before)),
            new BrokenLimit(ScheduleLimit::Truck, $last->date, $supers - $capacity->truckSupers),
            new BrokenLimit(ScheduleLimit::Hold, $last->date, $supers - $capacity->holdSupers),
        ];

        return array_values(array_filter($all, static fn (BrokenLimit $one): bool => $one->by > 1e-9));
    }
}
