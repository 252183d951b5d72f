<?php

declare(strict_types=1);

namespace Marjoram\Core\Rounds;

/**
 * A plan under search, changed one service at a time and scored by what changed. Limits may be broken at a charge.
 *
 * A yard has one part, or several where it may be split; a part has a number of hives and one of its yard's options,
 * or none (-1: not served). All work and charges are linear in hives but for the set-up of a visit. A change costs
 * O(days) and a look-up of the tours of the days it touches.
 *
 * @internal to the planner: mutable for speed
 */
final class SearchState
{
    /** @var array<int, list<array{int, int, float, float, float, float, float, int}>> options of each yard */
    public array $options = [];

    /** @var array<int, list<array{Way, int, int}>> the same as services */
    public array $services = [];

    /** @var array<int, int> yard of each part */
    public array $yard = [];

    /** @var array<int, int> hives of each part */
    public array $hives = [];

    /** @var array<int, int> option of each part, -1 for none */
    public array $option = [];

    /** @var array<int, list<int>> parts of each yard */
    public array $parts = [];

    public float $total = 0.0;

    public float $broken = 0.0;

    public float $weight = 2.0;

    /** @var array<int, float> */
    private array $work;

    /** @var array<int, float> */
    private array $in;

    /** @var array<int, int> */
    private array $boards;

    /** @var array<int, int> set of yards visited */
    private array $set;

    /** @var array<int, array<int, int>> visits of each yard */
    private array $visits;

    /** @var array<int, float> */
    private array $tour;

    private float $charges = 0.0;

    /** @var array<int, float> charge of each yard for what is not served and for parts */
    private array $left;

    private float $leftSum = 0.0;

    /** @var array<int, float> */
    private array $crew = [];

    /** @var array<int, float> */
    private array $extract = [];

    public function __construct(private readonly RoundTask $task, private readonly Tours $tours, int $mostParts)
    {
        $days = count($task->days);
        $this->work = $this->in = $this->tour = array_fill(0, $days, 0.0);
        $this->boards = $this->set = array_fill(0, $days, 0);
        $this->visits = array_fill(0, $days, []);
        $this->left = array_fill(0, count($task->yards), 0.0);
        $services = new Services($task);
        foreach ($task->yards as $a => $yard) {
            $this->parts[$a] = [];
            $most = $task->split ? $mostParts : 1;
            for ($p = 0; $p < $most; $p++) {
                $this->parts[$a][] = count($this->yard);
                $this->yard[] = $a;
                $this->hives[] = $p === 0 ? $yard->hives : 0;
                $this->option[] = -1;
            }
            $this->services[$a] = array_values(array_filter($services->allowed($a), static fn (array $one): bool => $services->excessAlone($a, $one, $task->split ? 1 : $yard->hives) === []));
            $this->options[$a] = array_map(static fn (array $one): array => ServiceOption::of($services, $yard, $one), $this->services[$a]);
            $this->left[$a] = $this->charge($a);
        }
        $this->leftSum = array_sum($this->left);
        $this->crew = array_map(static fn (RoundDay $day): float => $day->crewMin, $task->days);
        $this->extract = array_map(static fn (RoundDay $day): float => $day->extractSupers, $task->days);
        $this->score();
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
        [$first, $last] = [$option[ServiceOption::FIRST], $option[ServiceOption::LAST]];
        $this->charges += $sign * $option[ServiceOption::CHARGE_PER_HIVE] * $hives;
        $this->work[$last] += $sign * ($option[ServiceOption::COLLECT_SETUP] + $option[ServiceOption::COLLECT_PER_HIVE] * $hives);
        $this->in[$last] += $sign * $this->task->yards[$a]->supers / $this->task->yards[$a]->hives * $hives;
        $this->visit($last, $a, $sign);
        if ($option[ServiceOption::BOARD] === 1) {
            $this->work[$first] += $sign * ($option[ServiceOption::PLACE_SETUP] + $option[ServiceOption::PLACE_PER_HIVE] * $hives);
            $this->visit($first, $a, $sign);
            for ($d = $first; $d <= $last; $d++) {
                $this->boards[$d] += $sign * $hives;
            }
        }
    }

    private function visit(int $d, int $a, int $sign): void
    {
        $count = ($this->visits[$d][$a] ?? 0) + $sign;
        $this->visits[$d][$a] = $count;
        $set = $count > 0 ? $this->set[$d] | 1 << $a : $this->set[$d] & ~(1 << $a);
        if ($set !== $this->set[$d]) {
            $this->set[$d] = $set;
            $this->tour[$d] = $this->tours->length($set);
        }
    }

    private function charge(int $a): float
    {
        $left = $served = 0;
        foreach ($this->parts[$a] as $part) {
            if ($this->hives[$part] > 0) {
                if ($this->option[$part] < 0) {
                    $left += $this->hives[$part];
                } else {
                    $served++;
                }
            }
        }
        $params = $this->task->params;

        return ($left > 0 ? $params->notServed + $params->notServedPerHive * $left : 0.0) + ($served > 1 ? $params->secondPart * ($served - 1) : 0.0);
    }

    private function score(): void
    {
        $total = $this->charges + $this->leftSum;
        [$boards, $truck, $hold] = [$this->task->escapeBoards, $this->task->truckSupers, $this->task->holdSupers];
        $broken = 0.0;
        $held = $this->task->heldSupers;
        foreach ($this->in as $d => $in) {
            $busy = $this->work[$d] + $this->tour[$d];
            $total += $busy;
            $held += $in - $this->extract[$d];
            if ($held < $in) {
                $held = $in;
            }
            if ($busy > $this->crew[$d]) {
                $broken += $busy - $this->crew[$d];
            }
            if ($this->boards[$d] > $boards) {
                $broken += 5.0 * ($this->boards[$d] - $boards);
            }
            if ($in > 1e-9) {
                if ($in > $truck) {
                    $broken += 5.0 * ($in - $truck);
                }
                if ($held > $hold) {
                    $broken += 5.0 * ($held - $hold);
                }
            }
        }
        $this->total = $total;
        $this->broken = $broken > 1e-7 ? $broken : 0.0;
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
        $days = count($this->task->days);
        $this->work = $this->in = array_fill(0, $days, 0.0);
        $this->boards = array_fill(0, $days, 0);
        $this->visits = array_fill(0, $days, []);
        foreach ($this->option as $part => $option) {
            if ($option >= 0 && $this->hives[$part] > 0) {
                $this->add($this->yard[$part], $this->options[$this->yard[$part]][$option], $this->hives[$part], 1);
            }
        }
        $this->score();
    }

    /** @return list<Service> parts of the same yard, way and days as one */
    public function services(): array
    {
        $found = [];
        foreach ($this->option as $part => $option) {
            if ($option >= 0 && $this->hives[$part] > 0) {
                $a = $this->yard[$part];
                [$way, $first, $last] = $this->services[$a][$option];
                $key = "$a $option";
                $found[$key] = new Service($a, $this->hives[$part] + ($found[$key]->hives ?? 0), $way, $first, $last);
            }
        }

        return array_values($found);
    }
}
