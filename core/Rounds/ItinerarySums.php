<?php

declare(strict_types=1);

namespace Marjoram\Core\Rounds;

/**
 * Adds up visits: what each day carries, what is charged, and what is left.
 *
 * @internal to Itinerary: mutable while it adds
 */
final class ItinerarySums
{
    private readonly VisitCosts $costs;

    /** @var array<int, int> set of yards visited, by day */
    private array $set;

    /** @var array<int, float> minutes, by day */
    private array $work;

    /** @var array<int, int> by day */
    private array $boards;

    /** @var array<int, float> supers, by day */
    private array $in;

    /** @var array<string, int> hives, by yard */
    private array $served = [];

    /** @var array<string, int> by yard */
    private array $parts = [];

    private VisitCharge $charged;

    public function __construct(private readonly RoundsQuestion $question)
    {
        $days = count($question->days);
        $this->costs = new VisitCosts($question);
        $this->set = $this->boards = array_fill(0, $days, 0);
        $this->work = $this->in = array_fill(0, $days, 0.0);
        $this->charged = new VisitCharge(0.0, 0.0, 0.0);
    }

    public function add(Visit $visit): void
    {
        $a = (int) $this->question->yardAt($visit->yard);
        $yard = $this->question->yards[$a];
        $slot = VisitOption::slotOf($this->question, $visit);
        $charge = $this->costs->charge($slot, $yard, $visit->hives);
        $this->charged = new VisitCharge(
            $this->charged->weather + $charge->weather,
            $this->charged->robbing + $charge->robbing,
            $this->charged->late + $charge->late,
        );
        if ($visit->places()) {
            $this->work[$slot->first] += $this->costs->place($slot, $yard, $visit->hives);
            $this->set[$slot->first] |= 1 << $a;
            for ($d = $slot->first; $d <= $slot->last; $d++) {
                $this->boards[$d] += $visit->hives;
            }
        }
        $this->work[$slot->last] += $this->costs->collect($slot, $yard, $visit->hives);
        $this->set[$slot->last] |= 1 << $a;
        $this->in[$slot->last] += $yard->supersPerHive() * $visit->hives;
        $this->served[$yard->id] = ($this->served[$yard->id] ?? 0) + $visit->hives;
        $this->parts[$yard->id] = ($this->parts[$yard->id] ?? 0) + 1;
    }

    /** @return list<DayLoad> */
    public function days(Tours $tours): array
    {
        $loads = [];
        $held = $this->question->capacity->heldSupers;
        foreach ($this->question->days as $d => $day) {
            $held = max($this->in[$d], $held + $this->in[$d] - $day->extractSupers);
            $route = array_map(fn (int $a): string => $this->question->yards[$a]->id, $tours->route($this->set[$d]));
            $travel = $tours->length($this->set[$d]);
            $loads[] = new DayLoad(
                $day->date,
                $route,
                $travel,
                $this->work[$d],
                $this->boards[$d],
                $this->in[$d],
                $held,
            );
        }

        return $loads;
    }

    /** @return array<array-key, int> hives left, by yard */
    public function notServed(): array
    {
        $left = [];
        foreach ($this->question->yards as $yard) {
            $hives = $yard->hives - ($this->served[$yard->id] ?? 0);
            if ($hives > 0) {
                $left[$yard->id] = $hives;
            }
        }

        return $left;
    }

    /** @param  list<DayLoad>  $days */
    public function cost(array $days): Cost
    {
        $charges = $this->question->charges;

        return new Cost(
            array_sum(array_map(static fn (DayLoad $day): float => $day->travelMin, $days)),
            array_sum($this->work),
            $this->charged->late,
            $this->charged->weather,
            $this->charged->robbing,
            $charges->secondPart * (array_sum($this->parts) - count($this->parts)),
            array_sum(array_map($charges->forLeaving(...), $this->notServed())),
        );
    }
}
