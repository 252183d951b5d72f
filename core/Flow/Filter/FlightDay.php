<?php

declare(strict_types=1);

namespace Marjoram\Core\Flow\Filter;

use Marjoram\Core\InvalidInput;

/** The weather of a day as it matters to foragers; any of it may be unknown. */
final readonly class FlightDay
{
    private const COLD_C = 12.0;

    private const WARM_C = 18.0;

    private const HOT_C = 32.0;

    private const RAIN_MM = 14.0;

    /** Rain (mm) from which a hive is wet. */
    private const WET_MM = 2.0;

    /**
     * @param  ?float  $rainChance  0 to 1, where the rain itself is not known
     * @param  ?float  $sun  0 to 1
     *
     * @throws InvalidInput when a value is impossible for a day
     */
    public function __construct(
        public ?float $maxC = null,
        public ?float $rainMm = null,
        public ?float $rainChance = null,
        public ?float $sun = null,
    ) {
        InvalidInput::unlessWithin($maxC ?? 20.0, -60.0, 60.0, 'The highest temperature', '/max_c');
        InvalidInput::unlessWithin($rainMm ?? 0.0, 0.0, 1000.0, 'The rain', '/rain_mm');
        InvalidInput::unlessWithin($rainChance ?? 0.0, 0.0, 1.0, 'The chance of rain', '/rain_p');
        InvalidInput::unlessWithin($sun ?? 0.0, 0.0, 1.0, 'The share of sun', '/sun');
    }

    /** Share of a day of full flight, 0 to 1; null where the temperature is not known. */
    public function flight(): ?float
    {
        if ($this->maxC === null) {
            return null;
        }
        $warm = self::clamp(($this->maxC - self::COLD_C) / (self::WARM_C - self::COLD_C), 0.0)
            * self::clamp(1.0 - ($this->maxC - self::HOT_C) / 15.0, 0.4);
        $rain = match (true) {
            $this->rainMm !== null => exp(-$this->rainMm / self::RAIN_MM),
            $this->rainChance !== null => 1.0 - 0.6 * $this->rainChance,
            default => 0.8,
        };

        return $warm * $rain * (0.79 + 0.21 * ($this->sun ?? 0.6));
    }

    public function isWet(): bool
    {
        return ($this->rainMm ?? 0.0) >= self::WET_MM;
    }

    private static function clamp(float $value, float $least): float
    {
        return max($least, min(1.0, $value));
    }
}
