<?php

declare(strict_types=1);

namespace Marjoram\Core\Flow\Filter;

use DateTimeImmutable;
use DateTimeZone;
use Marjoram\Core\Flow\ScaleReading;

/**
 * What two or more hives of a yard gained, as one: the mean of those that tell, day by day. A hive alone may have
 * swarmed, or be the strongest of all.
 */
final readonly class MeanOfScales
{
    private const FROM_KG = 100.0;

    private const LEAST_KG = 5.0;

    private const MOST_KG = 495.0;

    /**
     * @param  list<ScaleReading>  $readings  at midnights
     * @param  list<LoggedHandling>  $logged  days of which no scale tells, as if something had been done on them
     * @param  list<array<array-key, float>>  $gains  of each scale, by date
     */
    private function __construct(public array $readings, public array $logged, public array $gains)
    {
    }

    /**
     * @param  non-empty-list<list<ScaleReading>>  $scales
     * @param  list<list<LoggedHandling>>  $logged  of each
     */
    public static function of(array $scales, array $logged, DateTimeImmutable $now, DateTimeZone $zone): self
    {
        $gains = $days = [];
        foreach ($scales as $i => $readings) {
            $seen = FilterInput::upTo($now, $zone, $readings, $logged[$i] ?? [], [], []);
            $gains[$i] = [];
            foreach ($seen->intervals as $one) {
                if ($one->days === 1 && ! $one->isOpen) {
                    $gains[$i][LocalDay::text($one->first)] = $one->kg;
                    $days[$one->first][] = $one->kg;
                }
            }
        }
        if ($days === []) {
            return new self([], [], array_values($gains));
        }
        ksort($days);
        $weight = self::FROM_KG;
        $made = $open = [];
        for ($day = array_key_first($days); $day <= array_key_last($days); $day++) {
            $begins = LocalDay::begins($day, $zone);
            $made[$day] = new ScaleReading($begins, $weight);
            if (isset($days[$day])) {
                $weight += array_sum($days[$day]) / count($days[$day]);
                $weight = max(self::LEAST_KG, min(self::MOST_KG, $weight));
            } else {
                $open[] = new LoggedHandling($begins->modify('+12 hours'));
            }
            $made[$day + 1] = new ScaleReading(LocalDay::begins($day + 1, $zone), $weight);
        }

        return new self(array_values($made), $open, array_values($gains));
    }
}
