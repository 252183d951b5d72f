<?php

declare(strict_types=1);

namespace Marjoram\Core\Rounds;

/**
 * A plan under search, changed one visit at a time and scored by what changed. Limits may be broken at a charge.
 *
 * A yard has one part, or several where it may be split; a part has a number of hives and one of its yard's options,
 * or none (-1: not served). All work and charges are linear in hives but for the set-up of a visit. A change costs
 * O(days) and a look-up of the tours of the days it touches.
 *
 * @internal to the planner: mutable for speed
 */
final class WorkingSchedule
{
    /** @var array<int, list<array{int, int, float, float, float, float, float, int}>> options of each yard */
    public array $options = [];

    /** @var array<int, list<Slot>> the same as slots */
    public array $slots = [];

    /** @var array<int, int> yard of each part */
    public array $yard = [];

    /** @var array<int, int> hives of each part */
    public array $hives = [];

    /** @var array<int, int> option of each part, -1 for none */
    public array $option = [];

    /** @var array<int, list<int>> parts of each yard that the search may change */
    public array $parts = [];

    /** @var array<int, list<int>> parts of each yard, those that are locked first */
    public array $all = [];

    public float $total = 0.0;

    public float $broken = 0.0;

    public float $weight = 2.0;

    private float $charges = 0.0;

    /** @var array<int, float> charge of each yard for what is not served and for parts */
    private array $left;

    private float $leftSum = 0.0;

    private readonly SearchLoads $loads;

    public function __construct(private readonly RoundsQuestion $question, Tours $tours, int $mostParts)
    {
        $this->loads = new SearchLoads($question, $tours);
        $this->left = array_fill(0, count($question->yards), 0.0);
        $costs = new VisitCosts($question);
        foreach ($question->yards as $a => $yard) {
            $row = static fn (Slot $slot): array => VisitOption::row($costs, $yard, $slot);
            $this->slots[$a] = VisitOption::slots($question, $costs, $a);
            $this->options[$a] = array_map($row, $this->slots[$a]);
            $this->begin($a, $yard, $mostParts);
        }
        $this->leftSum = array_sum($this->left);
        $this->loads->makeRoom();
        $this->score();
    }

    /** The parts of a yard: what is locked, and what is left. */
    private function begin(int $a, YardToFetch $yard, int $mostParts): void
    {
        $ofYard = static fn (Visit $lock): bool => $lock->yard === $yard->id;
        $locks = array_values(array_filter($this->question->locks, $ofYard));
        $this->all[$a] = $this->parts[$a] = [];
        foreach ($locks as $lock) {
            $this->all[$a][] = $this->part($a, $lock->hives);
        }
        $free = $this->question->freeHives($yard);
        $most = $free === 0 ? 0 : ($this->question->split ? $mostParts : 1);
        for ($p = 0; $p < $most; $p++) {
            $this->parts[$a][] = $this->all[$a][] = $this->part($a, $p === 0 ? $free : 0);
        }
        $this->left[$a] = $this->charge($a);
        foreach ($locks as $p => $lock) {
            $slot = VisitOption::slotOf($this->question, $lock);
            $this->put($this->all[$a][$p], $slot->placeIn($this->slots[$a]) ?? -1, $lock->hives);
        }
    }

    private function part(int $a, int $hives): int
    {
        $this->yard[] = $a;
        $this->hives[] = $hives;
        $this->option[] = -1;

        return count($this->yard) - 1;
    }

    /** Gives a part another option and number of hives; total and broken follow. */
    public function put(int $part, int $option, int $hives): void
    {
        $a = $this->yard[$part];
        if ($this->option[$part] >= 0 && $this->hives[$part] > 0) {
            $this->add($a, $this->options[$a][$this->option[$part]], $this->hives[$part], -1);
        }
        $this->option[$part] = $option;
        $this->hives[$part] = $hives;
        if ($option >= 0 && $hives > 0) {
            $this->add($a, $this->options[$a][$option], $hives, 1);
        }
        $charge = $this->charge($a);
        $this->leftSum += $charge - $this->left[$a];
        $this->left[$a] = $charge;
        $this->score();
    }

    /** @param  array{int, int, float, float, float, float, float, int}  $option */
    private function add(int $a, array $option, int $hives, int $sign): void
    {
        $this->charges += $sign * $option[VisitOption::CHARGE_PER_HIVE] * $hives;
        $this->loads->add($a, $option, $hives, $sign);
    }

    private function charge(int $a): float
    {
        $left = $served = 0;
        foreach ($this->all[$a] as $part) {
            if ($this->hives[$part] > 0) {
                if ($this->option[$part] < 0) {
                    $left += $this->hives[$part];
                } else {
                    $served++;
                }
            }
        }
        $charges = $this->question->charges;

        return $charges->forLeaving($left) + ($served > 1 ? $charges->secondPart * ($served - 1) : 0.0);
    }

    private function score(): void
    {
        $this->loads->score();
        $this->total = $this->charges + $this->leftSum + $this->loads->minutes;
        $this->broken = $this->loads->broken;
    }

    public function value(): float
    {
        return $this->total + $this->weight * $this->broken;
    }

    /** @return array{array<int, int>, array<int, int>} options and hives of the parts */
    public function snapshot(): array
    {
        return [$this->option, $this->hives];
    }

    /** @param  array{array<int, int>, array<int, int>}  $snapshot */
    public function restore(array $snapshot): void
    {
        foreach ($snapshot[0] as $part => $option) {
            if ($option !== $this->option[$part] || $snapshot[1][$part] !== $this->hives[$part]) {
                $this->put($part, $option, $snapshot[1][$part]);
            }
        }
        // Sums of many small changes drift; they are taken afresh here.
        $this->charges = 0.0;
        $this->leftSum = array_sum($this->left);
        $this->loads->clear();
        foreach ($this->option as $part => $option) {
            if ($option >= 0 && $this->hives[$part] > 0) {
                $a = $this->yard[$part];
                $this->add($a, $this->options[$a][$option], $this->hives[$part], 1);
            }
        }
        $this->score();
    }

    /** @return list<Visit> parts of the same yard, method and days as one */
    public function visits(): array
    {
        $hives = [];
        foreach ($this->option as $part => $option) {
            if ($option >= 0 && $this->hives[$part] > 0) {
                $a = $this->yard[$part];
                $hives[$a][$option] = ($hives[$a][$option] ?? 0) + $this->hives[$part];
            }
        }
        $found = [];
        foreach ($hives as $a => $of) {
            foreach ($of as $option => $count) {
                $found[] = $this->visit($a, $this->slots[$a][$option], $count);
            }
        }

        return $found;
    }

    private function visit(int $a, Slot $slot, int $hives): Visit
    {
        $days = $this->question->days;

        return new Visit(
            $this->question->yards[$a]->id,
            $hives,
            $slot->method,
            $days[$slot->first]->date,
            $days[$slot->last]->date,
        );
    }
}
