<?php

declare(strict_types=1);

namespace Marjoram\Core\Rounds;

use Marjoram\Core\Numerics\SeededRandom;

/**
 * The changes that the planner tries: another service, a neighbour's day, two yards changing places, a day moved, a few
 * taken out and put back at their best, and where yards may be split, hives moved between parts.
 *
 * @internal to the planner
 */
final class Moves
{
    private const NEIGHBOURS = 6;

    private const TRIED = 10;

    /** @var array<int, list<int>> nearest yards of each */
    private array $near = [];

    /** @var array<int, array<int, list<int>>> by yard and day: options with a visit on it */
    private array $onDay = [];

    /** @var list<array{int, int, int}> what to put back, in order */
    private array $undo = [];

    /** @var list<int> parts that are not locked */
    private array $free;

    public function __construct(
        private readonly RoundsQuestion $question,
        private readonly WorkingSchedule $state,
        private readonly SeededRandom $random,
    ) {
        $minutes = $question->travel->minutes;
        $this->free = array_merge([], ...$state->parts);
        foreach ($question->yards as $a => $yard) {
            $others = array_values(array_diff(array_keys($question->yards), [$a]));
            usort($others, static fn (int $x, int $y): int => $minutes[$a + 1][$x + 1] <=> $minutes[$a + 1][$y + 1]);
            $this->near[$a] = array_slice($others, 0, self::NEIGHBOURS);
            $days = [];
            foreach ($state->slots[$a] as $o => $slot) {
                $days[$slot->first][$o] = $o;
                $days[$slot->last][$o] = $o;
            }
            $this->onDay[$a] = array_map(array_values(...), $days);
        }
    }

    /** @return list<array{int, int, int}> part, option and hives as they were, first change first */
    public function any(): array
    {
        $this->undo = [];
        if ($this->free === []) {
            return [];
        }
        $kind = $this->random->uniform();
        if ($this->question->split && $kind < 0.22) {
            $this->share();
        } elseif ($kind < 0.5) {
            $this->change();
        } elseif ($kind < 0.76) {
            $this->join();
        } elseif ($kind < 0.86) {
            $this->swap();
        } elseif ($kind < 0.92) {
            $this->moveDay();
        } elseif ($kind < 0.97) {
            $this->putBest($this->part(), false);
        } else {
            $this->ruin();
        }

        return $this->undo;
    }

    private function put(int $part, int $option, int $hives): void
    {
        $this->undo[] = [$part, $this->state->option[$part], $this->state->hives[$part]];
        $this->state->put($part, $option, $hives);
    }

    /** A part that has hives and may be changed. */
    private function part(): int
    {
        do {
            $part = $this->free[$this->random->integer(0, count($this->free) - 1)];
        } while ($this->state->hives[$part] === 0);

        return $part;
    }

    private function change(): void
    {
        $part = $this->part();
        $count = count($this->state->options[$this->state->yard[$part]]);
        if ($count > 0) {
            $this->put(
                $part,
                $this->random->chance(0.04) ? -1 : $this->random->integer(0, $count - 1),
                $this->state->hives[$part],
            );
        }
    }

    /** Comes along on a day on which a near yard is visited. */
    private function join(): void
    {
        $part = $this->part();
        $a = $this->state->yard[$part];
        if ($this->near[$a] === []) {
            return;
        }
        $b = $this->near[$a][$this->random->integer(0, count($this->near[$a]) - 1)];
        $other = $this->state->all[$b][0];
        if ($this->state->option[$other] < 0) {
            return;
        }
        $slot = $this->state->slots[$b][$this->state->option[$other]];
        $this->onto($part, $this->random->chance(0.5) ? $slot->first : $slot->last);
    }

    private function onto(int $part, int $day): void
    {
        $options = $this->onDay[$this->state->yard[$part]][$day] ?? [];
        if ($options !== []) {
            $this->put($part, $options[$this->random->integer(0, count($options) - 1)], $this->state->hives[$part]);
        }
    }

    private function swap(): void
    {
        [$p, $q] = [$this->part(), $this->part()];
        [$a, $b] = [$this->state->yard[$p], $this->state->yard[$q]];
        if ($a === $b || $this->state->option[$p] < 0 || $this->state->option[$q] < 0) {
            return;
        }
        $one = $this->state->slots[$a][$this->state->option[$p]]->last;
        $two = $this->state->slots[$b][$this->state->option[$q]]->last;
        $this->onto($p, $two);
        $this->onto($q, $one);
    }

    /** All that comes in on one day comes in on another. */
    private function moveDay(): void
    {
        $part = $this->part();
        if ($this->state->option[$part] < 0) {
            return;
        }
        $day = $this->state->slots[$this->state->yard[$part]][$this->state->option[$part]]->last;
        $to = $this->random->integer(0, count($this->question->days) - 1);
        foreach ($this->free as $other) {
            $option = $this->state->option[$other];
            if ($option < 0 || $this->state->hives[$other] === 0) {
                continue;
            }
            $a = $this->state->yard[$other];
            $slot = $this->state->slots[$a][$option];
            if ($slot->last !== $day) {
                continue;
            }
            foreach ($this->onDay[$a][$to] ?? [] as $o) {
                $same = $this->state->slots[$a][$o];
                if ($slot->isLike($same) && $same->last === $to) {
                    $this->put($other, $o, $this->state->hives[$other]);

                    break;
                }
            }
        }
    }

    /** A few near ones out, then each back at its best. */
    private function ruin(): void
    {
        $first = $this->part();
        $out = [$first];
        foreach ($this->near[$this->state->yard[$first]] as $b) {
            if (count($out) < 3 && $this->state->parts[$b] !== [] && $this->random->chance(0.5)) {
                $out[] = $this->state->parts[$b][0];
            }
        }
        foreach ($out as $part) {
            $this->put($part, -1, $this->state->hives[$part]);
        }
        foreach ($out as $part) {
            $this->putBest($part, false);
        }
    }

    /**
     * Tries a part's options, all of them or a sample, and leaves the best; with $strict only one that breaks nothing.
     */
    public function putBest(int $part, bool $strict): void
    {
        $a = $this->state->yard[$part];
        $was = [$this->state->option[$part], $this->state->hives[$part]];
        $count = count($this->state->options[$a]);
        $best = $strict ? -1 : $was[0];
        $this->state->put($part, $best, $was[1]);
        $least = $this->state->value();
        $tries = $strict ? $count : min($count, self::TRIED);
        $start = $count > 0 && ! $strict ? $this->random->integer(0, $count - 1) : 0;
        for ($t = 0; $t < $tries; $t++) {
            $o = ($start + $t * ($tries < $count ? 7 : 1)) % $count;
            $this->state->put($part, $o, $was[1]);
            if ($this->state->value() < $least - 1e-9 && (! $strict || $this->state->broken === 0.0)) {
                [$best, $least] = [$o, $this->state->value()];
            }
        }
        $this->state->put($part, $best, $was[1]);
        $this->undo[] = [$part, $was[0], $was[1]];
    }

    /** Hives from one part of a yard to another; a part without any begins, or ends. */
    private function share(): void
    {
        $from = $this->part();
        $a = $this->state->yard[$from];
        $to = $this->state->parts[$a][$this->random->integer(0, count($this->state->parts[$a]) - 1)];
        if ($to === $from) {
            return;
        }
        $has = $this->state->hives[$from];
        $chunk = [
            10,
            4,
            1,
            $has,
            intdiv($has + 1, 2),
            $this->question->kit->escapeBoards,
            (int) floor(
                $this->question->capacity->truckSupers / max(0.01, $this->question->yards[$a]->supersPerHive()),
            ),
        ][$this->random->integer(0, 6)];
        $moved = max(1, min($has, $chunk));
        $option = $this->state->option[$to];
        if ($this->state->hives[$to] === 0 && $this->state->options[$a] !== []) {
            $option = $this->random->integer(0, count($this->state->options[$a]) - 1);
        }
        $this->put($from, $this->state->option[$from], $has - $moved);
        $this->put($to, $option, $this->state->hives[$to] + $moved);
    }
}
