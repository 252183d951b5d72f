<?php

declare(strict_types=1);

namespace Marjoram\Core\Clearing;

/**
 * The days between which boards are best on: the earliest that leave few bees; a night more must halve what is left.
 */
final readonly class BestNights
{
    /** Below so small a share of the bees nothing is gained by waiting. */
    private const LEAST = 0.02;

    /** What a day later must be better by. */
    private const PER_DAY = 1.08;

    public function __construct(private BoardFigures $figures)
    {
    }

    /**
     * @param  list<DayForecast>  $forecast  two days or more
     */
    public function of(array $forecast): Nights
    {
        $best = new Nights(0, 1, 1.0);
        $score = INF;
        foreach (array_keys($forecast) as $from) {
            for ($n = 1; $n <= $this->figures->mostNights && isset($forecast[$from + $n]); $n++) {
                $left = $this->shareLeft(array_slice($forecast, $from + 1, $n));
                $rain = $forecast[$from]->rainP + $forecast[$from + $n]->rainP;
                $try = max($left, self::LEAST) * 2.0 ** ($n - 1) * (1.0 + $rain) * self::PER_DAY ** $from;
                if ($try < $score) {
                    [$best, $score] = [new Nights($from, $from + $n, $left), $try];
                }
            }
        }

        return $best;
    }

    /** @param  list<DayForecast>  $mornings  the days on whose mornings the nights end */
    private function shareLeft(array $mornings): float
    {
        $shares = array_map(fn (DayForecast $day): float => $this->figures->shareLeft($day->minC), $mornings);

        return array_product($shares);
    }
}
