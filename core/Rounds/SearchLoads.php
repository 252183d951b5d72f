<?php

declare(strict_types=1);

namespace Marjoram\Core\Rounds;

/**
 * What each day carries of a plan under search: minutes, boards, supers and the tour; and by how much it is too much.
 *
 * @internal to the planner: mutable for speed
 */
final class SearchLoads
{
    /** Minutes of work and driving over all days. */
    public float $minutes = 0.0;

    /** By how much limits are broken, in minutes' worth. */
    public float $broken = 0.0;

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

    /** @var array<int, float> */
    private readonly array $extract;

    /** @var array<int, float> */
    private readonly array $supersPerHive;

    private readonly Room $room;

    public function __construct(private readonly RoundsQuestion $question, private readonly Tours $tours)
    {
        $this->extract = array_map(static fn (WorkDay $day): float => $day->extractSupers, $question->days);
        $perHive = static fn (YardToFetch $yard): float => $yard->supersPerHive();
        $this->supersPerHive = array_map($perHive, $question->yards);
        $this->room = new Room($question);
        $this->clear();
    }

    public function clear(): void
    {
        $days = count($this->question->days);
        $this->work = $this->in = $this->tour = array_fill(0, $days, 0.0);
        $this->boards = $this->set = array_fill(0, $days, 0);
        $this->visits = array_fill(0, $days, []);
    }

    /**
     * @param  array{int, int, float, float, float, float, float, int}  $option
     * @param  int  $sign  1 to put it in, -1 to take it out
     */
    public function add(int $a, array $option, int $hives, int $sign): void
    {
        [$first, $last] = [$option[VisitOption::FIRST], $option[VisitOption::LAST]];
        $this->work[$last] +=
            $sign * ($option[VisitOption::COLLECT_SETUP] + $option[VisitOption::COLLECT_PER_HIVE] * $hives);
        $this->in[$last] += $sign * $this->supersPerHive[$a] * $hives;
        $this->visit($last, $a, $sign);
        if ($option[VisitOption::BOARD] === 1) {
            $this->work[$first] +=
                $sign * ($option[VisitOption::PLACE_SETUP] + $option[VisitOption::PLACE_PER_HIVE] * $hives);
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
        $set = $count > 0 ? $this->set[$d] | (1 << $a) : $this->set[$d] & ~(1 << $a);
        if ($set !== $this->set[$d]) {
            $this->set[$d] = $set;
            $this->tour[$d] = $this->tours->length($set);
        }
    }

    public function score(): void
    {
        $minutes = $broken = 0.0;
        $room = $this->room;
        $held = $this->question->capacity->heldSupers;
        foreach ($this->in as $d => $in) {
            $busy = $this->work[$d] + $this->tour[$d];
            $minutes += $busy;
            $held += $in - $this->extract[$d];
            if ($held < $in) {
                $held = $in;
            }
            if ($busy > $room->crew[$d]) {
                $broken += $busy - $room->crew[$d];
            }
            if ($this->boards[$d] > $room->boards[$d]) {
                $broken += 5.0 * ($this->boards[$d] - $room->boards[$d]);
            }
            if ($in > 1e-9) {
                if ($in > $room->truck[$d]) {
                    $broken += 5.0 * ($in - $room->truck[$d]);
                }
                if ($held > $room->hold[$d]) {
                    $broken += 5.0 * ($held - $room->hold[$d]);
                }
            }
        }
        $this->minutes = $minutes;
        $this->broken = $broken > 1e-7 ? $broken : 0.0;
    }

    /** What is in it now is allowed, whatever it breaks. */
    public function makeRoom(): void
    {
        $held = $this->question->capacity->heldSupers;
        foreach ($this->in as $d => $in) {
            $held = max($in, $held + $in - $this->extract[$d]);
            $this->room->atLeast($d, $this->work[$d] + $this->tour[$d], $this->boards[$d], $in, $held);
        }
    }
}
