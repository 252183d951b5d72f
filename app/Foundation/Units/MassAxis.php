<?php

declare(strict_types=1);

namespace App\Foundation\Units;

/** The round values of the reader's own unit between two masses: every 10 kg, or every 20 lb, never every 22 lb. */
final readonly class MassAxis
{
    /** @param  list<array{float, string}>  $ticks  kg and label of each, from the lowest */
    private function __construct(public array $ticks)
    {
    }

    /**
     * Those between the two.
     *
     * @param  int  $most  steps: the step is the smallest of 1, 2 or 5 times a power of ten that needs no more
     */
    public static function between(Formatter $format, float $lowKg, float $highKg, int $most = 6): self
    {
        [$low, $high] = [$format->massValue($lowKg), $format->massValue($highKg)];
        $step = self::step(($high - $low) / $most);

        // A hair of room: 0.3 is not quite three steps of 0.1.
        return self::steps($format, $step, (int) ceil($low / $step - 1e-9), (int) floor($high / $step + 1e-9));
    }

    /** From the one at or below the lower to the one at or above the higher: two at least. */
    public static function around(Formatter $format, float $lowKg, float $highKg, int $most = 6): self
    {
        [$low, $high] = [$format->massValue($lowKg), $format->massValue($highKg)];
        $step = self::step(max(0.2, ($high - $low) / $most));
        $first = (int) floor($low / $step);

        return self::steps($format, $step, $first, max($first + 1, (int) ceil($high / $step)));
    }

    private static function steps(Formatter $format, float $step, int $first, int $last): self
    {
        $decimals = max(0, (int) ceil(-log10($step) - 1e-9));
        $ticks = [];
        for ($n = $first; $n <= $last; $n++) {
            $ticks[] = [$format->massToKg($n * $step), Formatter::number($n * $step, $decimals)];
        }

        return new self($ticks);
    }

    /** The smallest round step that is at least this. */
    private static function step(float $least): float
    {
        if ($least <= 0.0) {
            return 1.0;
        }
        $power = 10.0 ** floor(log10($least));
        foreach ([1.0, 2.0, 5.0] as $round) {
            if ($round * $power >= $least * (1.0 - 1e-9)) {
                return $round * $power;
            }
        }

        return 10.0 * $power;
    }
}
