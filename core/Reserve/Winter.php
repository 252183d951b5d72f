<?php

declare(strict_types=1);

namespace Marjoram\Core\Reserve;

use DateTimeImmutable;
use Marjoram\Core\InvalidInput;

/** A winter at a place: when stores begin to be used, when the first flow is expected, and how cold it is between. */
final readonly class Winter
{
    /**
     * @param  array<int, float>  $monthlyMeanC  twelve numbers, January first
     * @param  float  $sdC  standard deviation of a month's mean from year to year
     *
     * @throws InvalidInput when the first flow is not after the start, or a temperature is impossible on earth
     */
    public function __construct(
        public DateTimeImmutable $from,
        public DateTimeImmutable $firstFlow,
        public float $firstFlowSdDays,
        public array $monthlyMeanC,
        public float $sdC = 2.0,
    ) {
        if ($firstFlow <= $from) {
            throw InvalidInput::because(
                'The first flow is not after the start of winter.',
                'a date after '.$from->format('Y-m-d'),
                '/winter/first_flow',
            );
        }
        if ($firstFlow->diff($from)->days > 400) {
            throw InvalidInput::because(
                'The winter is longer than 400 days.',
                'at most 400 days',
                '/winter/first_flow',
            );
        }
        InvalidInput::unlessWithin(
            $firstFlowSdDays,
            0.0,
            40.0,
            'The spread of the first flow',
            '/winter/first_flow_sd_days',
        );
        InvalidInput::unlessWithin($sdC, 0.0, 10.0, 'The spread of temperatures', '/climate/sd_c');
        if (count($monthlyMeanC) !== 12) {
            throw InvalidInput::because('A climate has twelve monthly means.', '12 numbers', '/climate/monthly_mean_c');
        }
        foreach (array_values($monthlyMeanC) as $i => $mean) {
            InvalidInput::unlessWithin($mean, -50.0, 40.0, 'A monthly mean', "/climate/monthly_mean_c/$i");
        }
    }

    public function days(): int
    {
        return $this->firstFlow->diff($this->from)->days ?: 0;
    }

    /** The first day from this one on, within a year, whose normal temperature is below a limit; null where none is. */
    public function coolsBelow(float $limitC, DateTimeImmutable $since): ?DateTimeImmutable
    {
        for ($day = 0; $day < 366; $day++) {
            $date = $since->modify("+$day days");
            if ($this->normalC($date) < $limitC) {
                return $date;
            }
        }

        return null;
    }

    /** The date's normal temperature: linear between mid-months. */
    public function normalC(DateTimeImmutable $date): float
    {
        $place = (int) $date->format('n') - 1 + ((int) $date->format('j') - 0.5) / (int) $date->format('t') - 0.5;
        $month = (int) floor($place);
        $share = $place - $month;
        $means = array_values($this->monthlyMeanC);

        return (1.0 - $share) * $means[($month + 12) % 12] + $share * $means[($month + 13) % 12];
    }
}
