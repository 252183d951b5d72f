<?php

declare(strict_types=1);

namespace App\Foundation\Places;

use Locale;

/** A town by which a place is found. */
final readonly class Town
{
    /** @param  string  $country  two letters */
    public function __construct(
        public string $name,
        public string $country,
        public float $latitude,
        public float $longitude,
    ) {
    }

    /** "Uppsala, Sweden (59.86, 17.64)": there are many Springfields. */
    public function label(): string
    {
        return sprintf(
            '%s, %s (%.2f, %.2f)',
            $this->name,
            Locale::getDisplayRegion("-$this->country", 'en'),
            $this->latitude,
            $this->longitude,
        );
    }
}
