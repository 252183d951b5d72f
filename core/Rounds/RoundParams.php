<?php

declare(strict_types=1);

namespace Marjoram\Core\Rounds;

use Marjoram\Core\InvalidInput;

/** Minutes of the crew for each part of a visit, and what is charged for what one would rather not do (common practice). */
final readonly class RoundParams
{
    /** @throws InvalidInput when a value is negative or beyond reason */
    public function __construct(
        public float $escapePlaceSetup = 10.0,
        public float $escapePlacePerHive = 3.0,
        public float $escapeCollectSetup = 5.0,
        public float $escapeCollectPerHive = 1.0,
        public float $escapeCollectPerSuper = 1.0,
        public float $escapeOneNightPerSuper = 1.0,
        public float $escapeRainPerHive = 0.5,
        public float $escapeThreeNightsPerHive = 0.5,
        public float $fumeSetup = 10.0,
        public float $fumePerHive = 2.0,
        public float $fumePerSuper = 2.0,
        public float $fumeDearthPerHive = 1.5,
        public float $fumeMinC = 18.0,
        public float $blowerSetup = 15.0,
        public float $blowerPerHive = 1.0,
        public float $blowerPerSuper = 2.5,
        public float $brushSetup = 5.0,
        public float $brushPerHive = 1.0,
        public float $brushPerSuper = 6.0,
        public float $openDearthPerHive = 6.0,
        public float $openRainPerHive = 3.0,
        public float $openRainMax = 0.6,
        public float $latePerHiveDay = 2.0,
        public float $notServed = 240.0,
        public float $notServedPerHive = 40.0,
        public float $secondPart = 20.0,
        public int $maxNights = 3,
    ) {
        /** @var array<string, float|int> $values */
        $values = get_object_vars($this);
        foreach ($values as $name => $value) {
            InvalidInput::unlessWithin($value, 0.0, 10000.0, "The parameter $name", '/params/'.strtolower((string) preg_replace('/[A-Z]/', '_$0', $name)));
        }
        InvalidInput::unlessWithin($maxNights, 1, 3, 'The nights that a board may stay', '/params/max_nights');
    }
}
