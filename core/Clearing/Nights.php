<?php

declare(strict_types=1);

namespace Marjoram\Core\Clearing;

/** Boards on from one day to another (places in the forecast), and the share of the bees that is left then. */
final readonly class Nights
{
    /** Below so small a share of the bees nothing is gained by waiting. */
    private const LEAST = 0.02;

    /** What a day later must be better by. */
    private const PER_DAY = 1.08;

    private function __construct(public int $from, public int $to, public float $shareLeft)
    {
    }

    /**
     * Those on which boards are best on: the earliest that leave few bees; a night more must halve what is left.
     *
     * @param  list<DayForecast>  $forecast  two days or more
     */
    public static function best(BoardFigures $figures, array $forecast): self
    {
        $best = new self(0, 1, 1.0);
        $score = INF;
        foreach (array_keys($forecast) as $from) {
            for ($n = 1; $n <= $figures->mostNights && isset($forecast[$from + $n]); $n++) {
                $left = self::left($figures, array_slice($forecast, $from + 1, $n));
                $rain = $forecast[$from]->rainP + $forecast[$from + $n]->rainP;
                $try = max($left, self::LEAST) * 2.0 ** ($n - 1) * (1.0 + $rain) * self::PER_DAY ** $from;
                if ($try < $score) {
                    [$best, $score] = [new self($from, $from + $n, $left), $try];
                }
            }
        }

        return $best;
    }

    /** @param  list<DayForecast>  $mornings  the days on whose mornings the nights end */
    private static function left(BoardFigures $figures, array $mornings): float
    {
        $shares = array_map(static fn (DayForecast $day): float => $figures->shareLeft($day->minC), $mornings);

        return array_product($shares);
    }
}
