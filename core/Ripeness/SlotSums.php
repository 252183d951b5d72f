<?php

declare(strict_types=1);

namespace Marjoram\Core\Ripeness;

/**
 * Sums over a run of slots, found as differences of running sums: a box is summed up once for each number of unbuilt
 * outer frames.
 */
final readonly class SlotSums
{
    /** @param  non-empty-list<array<int, float>>  $running  after so many slots: the figures of between() */
    private function __construct(private array $running)
    {
    }

    /** @param  array<int, SlotExpectation>  $slots  those that hold a frame, by slot */
    public static function of(array $slots, FullFrame $full): self
    {
        $sum = array_fill(0, 35, 0.0);
        $running = [$sum];
        for ($slot = 1; $slot <= $full->frames; $slot++) {
            $one = $slots[$slot] ?? null;
            foreach ($one === null ? [] : self::figures($one, $full) as $i => $figure) {
                $sum[$i] += $figure;
            }
            $running[] = $sum;
        }

        return new self($running);
    }

    /**
     * @param  int  $left  slots left out at the first end; $right: at the last
     * @return list<float> capped and filled area; the same by the slots' own errors alone, with their variances (capped,
     *     both, filled); own variances of the whole (capped, both, filled); squares of faces' kg; then how the areas
     *     depend on what all slots share: six each of capped and filled by own errors, capped and filled of the whole
     */
    public function between(int $left, int $right): array
    {
        $from = $this->running[$left];
        $to = $this->running[count($this->running) - 1 - $right];
        $sums = [];
        foreach ($to as $i => $one) {
            $sums[] = $one - $from[$i];
        }

        return $sums;
    }

    /** @return list<float> */
    private static function figures(SlotExpectation $one, FullFrame $full): array
    {
        [$all, $own] = [$one->all, $one->own];
        $kg = $full->kg($all->capped, $all->fill);

        return [
            $all->capped,
            $all->fill,
            $own->capped,
            $own->fill,
            $own->cappedVariance,
            $own->covariance,
            $own->fillVariance,
            $one->ownCapped,
            $one->ownBoth,
            $one->ownFill,
            0.5 * $kg * $kg,
            ...$one->cappedRow0,
            ...$one->fillRow0,
            ...$one->cappedRow,
            ...$one->fillRow,
        ];
    }
}
