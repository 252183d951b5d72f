<?php

declare(strict_types=1);

namespace Marjoram\Core\Flow;

use DateTimeImmutable;

/**
 * Takes the keeper's own handling out of a scale's weights: a step too large for bees, or one on a day on which a box
 * was put on or taken off. Everything after it is shifted back.
 */
final readonly class Handling
{
    /** Bees do not gain or lose this many kg in this many seconds: a person did (common practice). */
    private const TOO_LARGE = [[2.5, 3 * 3600], [8.0, 86400]];

    /** The least that a box weighs, kg: a smaller step on such a day is no box. */
    private const LEAST_BOX_KG = 1.0;

    /**
     * @param  list<CleanWeight>  $weights  in order
     * @param  list<ScaleStep>  $steps  what was taken out
     * @param  list<array{DateTimeImmutable, DateTimeImmutable}>  $untold  times over which the gain cannot be told
     */
    private function __construct(public array $weights, public array $steps, public array $untold)
    {
    }

    /**
     * @param  list<ScaleReading>  $readings  in order
     * @param  list<DateTimeImmutable>  $moves  days on which boxes were put on or taken off, each its first instant
     */
    public static function takenOut(array $readings, array $moves): self
    {
        $moved = self::moved($readings, $moves);
        $weights = $steps = $untold = [];
        $shift = 0.0;
        foreach ($readings as $i => $reading) {
            $before = $readings[$i - 1] ?? null;
            if ($before !== null && (isset($moved[$i]) || self::isTooLarge($before, $reading))) {
                $steps[] = new ScaleStep($reading->at, $reading->kg - $before->kg, isset($moved[$i]));
                $untold[] = [$before->at, $reading->at];
                $shift += $reading->kg - $before->kg;
            }
            $weights[] = new CleanWeight($reading->at, $reading->kg - $shift);
        }

        return new self($weights, $steps, $untold);
    }

    /** Tells whether more than half of a day is unknown. */
    public function hides(DateTimeImmutable $from, DateTimeImmutable $to): bool
    {
        $hidden = 0;
        foreach ($this->untold as [$since, $until]) {
            $overlap = min($to, $until)->getTimestamp() - max($from, $since)->getTimestamp();
            $hidden += max(0, $overlap);
        }

        return $hidden > 0.5 * ($to->getTimestamp() - $from->getTimestamp());
    }

    /**
     * Which reading of a day comes after the move: that with the largest step.
     *
     * @param  list<ScaleReading>  $readings
     * @param  list<DateTimeImmutable>  $moves
     * @return array<int, true>
     */
    private static function moved(array $readings, array $moves): array
    {
        $moved = [];
        foreach ($moves as $day) {
            $end = $day->modify('+1 day');
            $largest = self::LEAST_BOX_KG;
            $at = null;
            for ($i = 1; $i < count($readings); $i++) {
                $step = abs($readings[$i]->kg - $readings[$i - 1]->kg);
                if ($readings[$i]->at > $day && $readings[$i - 1]->at < $end && $step > $largest) {
                    [$largest, $at] = [$step, $i];
                }
            }
            if ($at !== null) {
                $moved[$at] = true;
            }
        }

        return $moved;
    }

    private static function isTooLarge(ScaleReading $before, ScaleReading $now): bool
    {
        $seconds = $now->at->getTimestamp() - $before->at->getTimestamp();
        foreach (self::TOO_LARGE as [$kg, $within]) {
            if (abs($now->kg - $before->kg) > $kg && $seconds <= $within) {
                return true;
            }
        }

        return false;
    }
}
