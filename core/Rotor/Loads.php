<?php

declare(strict_types=1);

namespace Marjoram\Core\Rotor;

use Marjoram\Core\InvalidInput;
use Marjoram\Core\Numerics\SeededRandom;

/**
 * Splits all frames into loads of an extractor. Fresh combs spin slower: no load mixes them with old ones but the one
 * that must. Then the worst load is bettered by parting it again with another, every way of it, as long as that helps,
 * from several beginnings; for large rotors, which balance well anyhow, by order alone.
 */
final readonly class Loads
{
    /** Up to so many slots two loads are parted again every way there is. */
    private const PARTED_SLOTS = 6;

    private const SEED = 20260805;

    private LeastImbalance $least;

    public function __construct(private Rotor $rotor = new Rotor)
    {
        $this->least = new LeastImbalance($rotor);
    }

    /**
     * @param  int  $slots  2 to 120
     * @param  list<RotorFrame>  $frames  at most 1,200
     * @param  list<RotorFrame>  $spares  counterweights for a load that is not full
     * @param  int  $evaluations  orders that may be tried; more of them are better loads
     * @return list<Loading>
     *
     * @throws InvalidInput when a number is out of range
     */
    public function split(int $slots, array $frames, array $spares = [], int $evaluations = 200_000): array
    {
        InvalidInput::unlessWithin($slots, 2, 120, 'The number of slots', '/slots');
        InvalidInput::unlessWithin(count($frames), 0, 1200, 'The number of frames', '/frames');
        $best = null;
        $worst = INF;
        $left = $evaluations;
        for ($n = 0; $n === 0 || ($left > 0 && $n < 400 && $slots <= self::PARTED_SLOTS); $n++) {
            $parts = $this->bettered($this->beginning($slots, $frames, $n), $slots, $left);
            $now = $this->worstOf($parts, $slots);
            if ($now < $worst - 1e-9) {
                [$worst, $best] = [$now, $parts];
            }
        }

        return array_map(fn (array $part): Loading => $this->rotor->load(
            $slots,
            $part,
            count($part) < $slots ? $spares : [],
        ), $best ?? []);
    }

    /**
     * Frames of one age after each other, alike masses together; beginnings after the first are shuffled.
     *
     * @param  list<RotorFrame>  $frames
     * @return list<list<RotorFrame>>
     */
    private function beginning(int $slots, array $frames, int $n): array
    {
        $keys = array_map(static fn (RotorFrame $one): array => [! $one->fresh, -$one->g], $frames);
        if ($n > 0) {
            $random = new SeededRandom(self::SEED + $n);
            $keys = array_map(
                static fn (RotorFrame $one): array => [! $one->fresh, $random->uniform()],
                $frames,
            );
        }
        $order = array_keys($frames);
        usort($order, static fn (int $a, int $b): int => $keys[$a] <=> $keys[$b]);
        $parts = [];
        $from = 0;
        foreach (LoadSizes::of(count($frames), $slots) as $size) {
            $parts[] = array_map(static fn (int $i): RotorFrame => $frames[$i], array_slice($order, $from, $size));
            $from += $size;
        }

        return $parts;
    }

    /**
     * The worst load is parted again with each other one of its age; the best of these stands, as long as it is better.
     *
     * @param  list<list<RotorFrame>>  $parts
     * @return list<list<RotorFrame>>
     */
    private function bettered(array $parts, int $slots, int &$left): array
    {
        if ($slots > self::PARTED_SLOTS) {
            return $parts;
        }
        $grams = array_map(fn (array $part): float => $this->least->of($part, $slots), $parts);
        while ($left > 0 && $grams !== []) {
            $worst = (int) array_search(max($grams), $grams, true);
            $found = $this->partedAnew($parts, $grams, $worst, $slots, $left);
            if ($found === null) {
                return $parts;
            }
            [$other, $one, $two] = $found;
            $parts[$worst] = $one;
            $parts[$other] = $two;
            $grams[$worst] = $this->least->of($one, $slots);
            $grams[$other] = $this->least->of($two, $slots);
        }

        return $parts;
    }

    /**
     * @param  list<list<RotorFrame>>  $parts
     * @param  array<int, float>  $grams
     * @return array{int, list<RotorFrame>, list<RotorFrame>}|null
     */
    private function partedAnew(array $parts, array $grams, int $worst, int $slots, int &$left): ?array
    {
        $best = null;
        $least = $grams[$worst] - 1e-9;
        foreach ($parts as $other => $part) {
            if ($other === $worst || self::ages([...$part, ...$parts[$worst]]) > 1) {
                continue;
            }
            $all = [...$parts[$worst], ...$part];
            foreach (self::choices(count($all), count($parts[$worst])) as $chosen) {
                // Of two alike it is no matter which is which.
                $isMirrored = $chosen[0] !== 0 && count($part) === count($parts[$worst]);
                if ($left-- <= 0 || $isMirrored) {
                    break;
                }
                $one = array_values(array_map(static fn (int $i): RotorFrame => $all[$i], $chosen));
                $first = $this->least->of($one, $slots);
                if ($first >= $least) {
                    continue;
                }
                $two = array_values(array_diff_key($all, array_flip($chosen)));
                $now = max($first, $this->least->of($two, $slots));
                if ($now < $least) {
                    [$least, $best] = [$now, [$other, $one, $two]];
                }
            }
        }

        return $best;
    }

    /** @param  list<RotorFrame>  $frames */
    private static function ages(array $frames): int
    {
        return count(array_unique(array_map(static fn (RotorFrame $one): bool => $one->fresh, $frames)));
    }

    /**
     * All ways to choose so many of so many.
     *
     * @return iterable<array<int, int>>
     */
    private static function choices(int $of, int $many): iterable
    {
        if ($many < 1 || $many > $of) {
            return;
        }
        $chosen = range(0, $many - 1);
        while (true) {
            yield $chosen;
            $i = $many - 1;
            while ($i >= 0 && $chosen[$i] === $of - $many + $i) {
                $i--;
            }
            if ($i < 0) {
                return;
            }
            $chosen[$i]++;
            for ($j = $i + 1; $j < $many; $j++) {
                $chosen[$j] = $chosen[$j - 1] + 1;
            }
        }
    }

    /** @param  list<list<RotorFrame>>  $parts */
    private function worstOf(array $parts, int $slots): float
    {
        return max([0.0, ...array_map(fn (array $part): float => $this->least->of($part, $slots), $parts)]);
    }
}
