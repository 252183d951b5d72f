<?php

declare(strict_types=1);

namespace Marjoram\Core\Rotor;

use Marjoram\Core\Numerics\SeededRandom;

/** Betters orders of many frames by swaps and by three that go round, from several beginnings. */
final class BetterOrder
{
    /** Scales read to 10 g: a gram is balance. */
    private const ENOUGH_G = 1.0;

    private const BEGINNINGS = 120;

    private const FEW_SLOTS = 16;

    private const NEAR = 3.0;

    private const NEAR_G = 4.0;

    private const SEED = 20260804;

    /** @var array<int, int> items by slot; -1 where it is free */
    private array $at = [];

    /** @var list<int> counterweights that stand aside */
    private array $aside = [];

    private float $x = 0.0;

    private float $y = 0.0;

    /**
     * @param  list<float>  $masses  the frames', then those of the counterweights
     * @param  int  $frames  that must stand in the wheel
     */
    public function __construct(
        private readonly Wheel $wheel,
        private readonly array $masses,
        private readonly int $frames,
    ) {
    }

    /** @return array<int, int> items by slot */
    public function best(): array
    {
        $random = new SeededRandom(self::SEED);
        $heaviestFirst = $this->frames === 0 ? [] : range(0, $this->frames - 1);
        usort($heaviestFirst, fn (int $a, int $b): int => $this->masses[$b] <=> $this->masses[$a]);
        $best = [];
        $least = INF;
        for ($n = 0; $n < self::BEGINNINGS && $least > self::ENOUGH_G; $n++) {
            $this->begin($n === 0 ? $heaviestFirst : self::shuffled($heaviestFirst, $random));
            while ($this->swap() || $this->replace() || $this->further($least)) {
                // As long as something gets better.
            }
            if (hypot($this->x, $this->y) < $least) {
                $least = hypot($this->x, $this->y);
                $best = $this->at;
            }
        }

        return array_filter($best, static fn (int $item): bool => $item >= 0);
    }

    /**
     * @param  list<int>  $items
     * @return list<int>
     */
    private static function shuffled(array $items, SeededRandom $random): array
    {
        $keys = array_map(static fn (): float => $random->uniform(), $items);
        array_multisort($keys, $items);

        return $items;
    }

    /**
     * Each into the slot that leaves the least out of balance.
     *
     * @param  list<int>  $order
     */
    private function begin(array $order): void
    {
        $this->at = array_fill(0, $this->wheel->slots, -1);
        $this->aside = $this->frames < count($this->masses) ? range($this->frames, count($this->masses) - 1) : [];
        $this->x = $this->y = 0.0;
        $taken = [];
        foreach ($order as $item) {
            $to = 0;
            $least = INF;
            for ($slot = 0; $slot < $this->wheel->slots; $slot++) {
                $left = isset($taken[$slot]) ? INF : $this->with([[$slot, $this->masses[$item]]]);
                if ($left < $least) {
                    [$least, $to] = [$left, $slot];
                }
            }
            $this->set([$to => $item]);
            $taken[$to] = true;
        }
    }

    /** What is more to try: two swaps at once where slots are few; else three that go round, where that may be best. */
    private function further(float $least): bool
    {
        $now = hypot($this->x, $this->y);
        if ($this->wheel->slots <= self::FEW_SLOTS) {
            return $now > self::ENOUGH_G && $this->swapTwice();
        }

        return $now > self::ENOUGH_G && $now < min(self::NEAR * $least, self::NEAR_G) && $this->goRound();
    }

    /** Two swaps of four slots add up: the best pair of them. */
    private function swapTwice(): bool
    {
        $swaps = [];
        for ($i = 0; $i < $this->wheel->slots; $i++) {
            for ($j = $i + 1; $j < $this->wheel->slots; $j++) {
                $more = $this->mass($j) - $this->mass($i);
                $swaps[] = [
                    $i,
                    $j,
                    $more * ($this->wheel->x[$i] - $this->wheel->x[$j]),
                    $more * ($this->wheel->y[$i] - $this->wheel->y[$j]),
                ];
            }
        }
        $best = null;
        $least = (hypot($this->x, $this->y) - 1e-9) ** 2;
        foreach ($swaps as $n => [$i, $j, $dx, $dy]) {
            [$x, $y] = [$this->x + $dx, $this->y + $dy];
            for ($m = $n + 1, $many = count($swaps); $m < $many; $m++) {
                [$k, $l, $ex, $ey] = $swaps[$m];
                $left = ($x + $ex) ** 2 + ($y + $ey) ** 2;
                if ($left < $least && $i !== $k && $i !== $l && $j !== $k && $j !== $l) {
                    $least = $left;
                    $best = [$i => $this->at[$j], $j => $this->at[$i], $k => $this->at[$l], $l => $this->at[$k]];
                }
            }
        }

        return $best !== null && $this->set($best);
    }

    /** The best swap of two slots. */
    private function swap(): bool
    {
        $best = null;
        $least = hypot($this->x, $this->y) - 1e-9;
        for ($i = 0; $i < $this->wheel->slots; $i++) {
            for ($j = $i + 1; $j < $this->wheel->slots; $j++) {
                $more = $this->mass($j) - $this->mass($i);
                $left = $more === 0.0 ? INF : $this->with([[$i, $more], [$j, -$more]]);
                if ($left < $least) {
                    [$least, $best] = [$left, [$i => $this->at[$j], $j => $this->at[$i]]];
                }
            }
        }

        return $best !== null && $this->set($best);
    }

    /** The best counterweight into a free slot, or another in its place, or none. */
    private function replace(): bool
    {
        $best = null;
        $out = -1;
        $least = hypot($this->x, $this->y) - 1e-9;
        foreach ($this->at as $slot => $there) {
            if ($there >= 0 && $there < $this->frames) {
                continue;
            }
            foreach ([-1, ...$this->aside] as $item) {
                $more = ($item < 0 ? 0.0 : $this->masses[$item]) - $this->mass($slot);
                $left = $this->with([[$slot, $more]]);
                if ($left < $least) {
                    [$least, $best, $out] = [$left, [$slot => $item], $there];
                }
            }
        }
        if ($best === null) {
            return false;
        }
        $this->aside = array_values(array_diff([...$this->aside, ...$out < 0 ? [] : [$out]], $best));

        return $this->set($best);
    }

    /** The first three slots whose frames go round and leave less. */
    private function goRound(): bool
    {
        $now = hypot($this->x, $this->y) - 1e-9;
        $slots = $this->wheel->slots;
        for ($i = 0; $i < $slots; $i++) {
            for ($j = 0; $j < $slots; $j++) {
                for ($k = $i + 1; $k < $slots && $i !== $j; $k++) {
                    [$a, $b, $c] = [$this->mass($i), $this->mass($j), $this->mass($k)];
                    if ($j !== $k && $j > $i && $this->with([[$i, $c - $a], [$j, $a - $b], [$k, $b - $c]]) < $now) {
                        return $this->set([$i => $this->at[$k], $j => $this->at[$i], $k => $this->at[$j]]);
                    }
                }
            }
        }

        return false;
    }

    private function mass(int $slot): float
    {
        return $this->at[$slot] < 0 ? 0.0 : $this->masses[$this->at[$slot]];
    }

    /** @param  list<array{int, float}>  $changes  slot and how much more stands there */
    private function with(array $changes): float
    {
        [$x, $y] = [$this->x, $this->y];
        foreach ($changes as [$slot, $more]) {
            $x += $more * $this->wheel->x[$slot];
            $y += $more * $this->wheel->y[$slot];
        }

        return sqrt($x * $x + $y * $y);
    }

    /** @param  array<int, int>  $items  by slot */
    private function set(array $items): bool
    {
        foreach ($items as $slot => $item) {
            $this->at[$slot] = $item;
        }
        [$this->x, $this->y] = $this->wheel->sum(array_map($this->mass(...), array_keys($this->at)));

        return true;
    }
}
