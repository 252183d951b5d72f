<?php

declare(strict_types=1);

namespace App\Apiary\Weather;

use Marjoram\Core\Clearing\DayForecast;

/** The weather of a day at a yard: a forecast or entry, or the mean of that month's climate. */
final readonly class KnownDay
{
    public function __construct(public DayForecast $weather, public bool $known)
    {
    }

    /**
     * The mean over yards of one day; known where any of them is.
     *
     * @param  non-empty-list<self>  $days
     */
    public static function mean(array $days): self
    {
        $mean = static fn (callable $of): float => round(array_sum(array_map($of, $days)) / count($days), 2);
        $known = array_filter($days, static fn (self $day): bool => $day->known);

        return new self(
            new DayForecast(
                $days[0]->weather->date,
                $mean(static fn (self $day): float => $day->weather->minC),
                $mean(static fn (self $day): float => $day->weather->maxC),
                $mean(static fn (self $day): float => $day->weather->rainP),
                $mean(static fn (self $day): float => $day->weather->sun),
            ),
            $known !== [],
        );
    }
}
