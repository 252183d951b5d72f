<?php

declare(strict_types=1);

namespace App\Models\Schedules;

use DateTimeImmutable;
use Marjoram\Core\Clearing\DayForecast;
use Marjoram\Core\Json\Fields;
use Marjoram\Core\Rounds\Sky;
use Marjoram\Core\Rounds\WorkDay;

/** A day of a schedule as it was asked: the crew's time, and the weather over all yards. */
final readonly class AskedDay
{
    /**
     * @param  bool  $dearth  nothing flowers for any yard
     * @param  bool  $presumed  the weather is the climate's, no forecast's
     */
    public function __construct(
        public DayForecast $weather,
        public int $crewMin,
        public bool $dearth,
        public int $extractSupers,
        public bool $presumed,
    ) {
    }

    public static function from(Fields $stored): self
    {
        return new self(
            new DayForecast(
                $stored->day('date') ?? new DateTimeImmutable('2000-01-01'),
                $stored->number('min_c'),
                $stored->number('max_c'),
                $stored->number('rain_p'),
                $stored->number('sun', 0.5),
            ),
            $stored->whole('crew_min'),
            $stored->flag('dearth'),
            $stored->whole('extract_supers', 40),
            $stored->flag('presumed'),
        );
    }

    public function date(): string
    {
        return $this->weather->date->format('Y-m-d');
    }

    public function workDay(): WorkDay
    {
        return new WorkDay(
            $this->weather->date,
            (float) $this->crewMin,
            Sky::of($this->weather, $this->dearth),
            (float) $this->extractSupers,
        );
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'date' => $this->date(),
            'crew_min' => $this->crewMin,
            'min_c' => $this->weather->minC,
            'max_c' => $this->weather->maxC,
            'rain_p' => $this->weather->rainP,
            'sun' => $this->weather->sun,
            'dearth' => $this->dearth,
            'extract_supers' => $this->extractSupers,
            'presumed' => $this->presumed,
        ];
    }
}
