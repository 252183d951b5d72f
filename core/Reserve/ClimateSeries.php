<?php

declare(strict_types=1);

namespace Marjoram\Core\Reserve;

use Marjoram\Core\InvalidInput;

/**
 * Monthly normals from measured temperatures, daily or monthly, of one year or many.
 *
 * A month's normal is the mean of its months; its spread from year to year is estimated where three years or more are
 * given, pooled over the months, and drawn towards 2.0 C as if by four more years.
 */
final readonly class ClimateSeries
{
    private const SD_C = 2.0;

    private const SD_WEIGHT = 4.0;

    /** No month of a place where bees are kept has a higher mean; degrees Fahrenheit in a column of Celsius have. */
    private const WARMEST_C = 42.0;

    /** @param  list<float>  $monthlyMeanC  January first */
    private function __construct(public array $monthlyMeanC, public float $sdC, public int $years)
    {
    }

    /** Whether these can hardly be degrees Celsius. */
    public static function looksLikeFahrenheit(float ...$temperatures): bool
    {
        sort($temperatures);
        $n = count($temperatures);

        return $n > 0 &&
            ($temperatures[(int) floor(0.9 * ($n - 1))] > self::WARMEST_C ||
                ($temperatures[intdiv($n, 2)] > 35.0 && $temperatures[0] > -10.0));
    }

    /**
     * @param  list<array{int, int, float}>  $rows  year, month (1 to 12), temperature in C
     *
     * @throws InvalidInput when a month has no row, or a value is impossible on earth or looks like Fahrenheit
     */
    public static function of(array $rows): self
    {
        if (self::looksLikeFahrenheit(...array_map(static fn (array $row): float => $row[2], $rows))) {
            throw InvalidInput::because(
                'These temperatures look like degrees Fahrenheit.',
                'degrees Celsius',
                '/temperatures',
            );
        }
        $months = [];
        foreach ($rows as $i => [$year, $month, $c]) {
            InvalidInput::unlessWithin($month, 1, 12, 'The month', "/$i/month");
            InvalidInput::unlessWithin($c, -60.0, 50.0, 'The temperature', "/$i/temperature");
            $months[$month][$year][] = $c;
        }
        $means = [];
        $squares = 0.0;
        $degrees = 0;
        $years = 0;
        for ($month = 1; $month <= 12; $month++) {
            if (! isset($months[$month])) {
                throw InvalidInput::because(
                    'Month :month has no temperature.',
                    'all twelve months',
                    '/temperatures',
                    ['month' => $month],
                );
            }
            $byYear = array_map(
                static fn (array $of): float => array_sum($of) / count($of),
                array_values($months[$month]),
            );
            $mean = array_sum($byYear) / count($byYear);
            $means[] = $mean;
            $years = max($years, count($byYear));
            if (count($byYear) >= 3) {
                $squares += array_sum(array_map(static fn (float $one): float => ($one - $mean) ** 2, $byYear));
                $degrees += count($byYear) - 1;
            }
        }

        return new self(
            $means,
            sqrt((self::SD_WEIGHT * 12.0 * self::SD_C ** 2 + $squares) / (self::SD_WEIGHT * 12.0 + $degrees)),
            $years,
        );
    }
}
