<?php

declare(strict_types=1);

namespace App\Models;

use App\Foundation\Writes\Record;
use DateTimeImmutable;
use Marjoram\Core\Clearing\DayForecast;

/**
 * The weather expected at a yard on a day.
 *
 * @property string $apiary_id
 * @property \Carbon\CarbonImmutable $date
 * @property float $min_c
 * @property float $max_c
 * @property float $rain_p
 * @property float $sun
 * @property string $source
 */
final class WeatherDay extends Record
{
    /** Entered by hand; it overrides the forecast. */
    public const OWN = 'own';

    protected $casts = [
        'date' => 'immutable_date',
        'min_c' => 'float',
        'max_c' => 'float',
        'rain_p' => 'float',
        'sun' => 'float',
    ];

    public function label(): string
    {
        return __('forecast');
    }

    public function isOwn(): bool
    {
        return $this->source === self::OWN;
    }

    public function forecast(): DayForecast
    {
        return new DayForecast(
            DateTimeImmutable::createFromInterface($this->date),
            $this->min_c,
            $this->max_c,
            $this->rain_p,
            $this->sun,
        );
    }
}
