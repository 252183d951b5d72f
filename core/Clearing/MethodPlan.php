<?php

declare(strict_types=1);

namespace Marjoram\Core\Clearing;

use DateTimeImmutable;

/** One way of clearing one apiary: dates, minutes and what it leaves; or why it cannot be done. */
final readonly class MethodPlan
{
    /**
     * @param  list<DateTimeImmutable>  $visits
     * @param  list<string>  $cautions
     */
    public function __construct(
        public Method $method,
        public ?string $refusal,
        public array $visits = [],
        public float $personMinutes = 0.0,
        public float $onSiteMinutes = 0.0,
        public float $beesLeftPerSuper = 0.0,
        public string $robbingRisk = 'low',
        public array $cautions = [],
        public float $penaltyMinutes = 0.0,
    ) {
    }

    public function feasible(): bool
    {
        return $this->refusal === null;
    }

    /** Minutes by which plans are ranked: the work, a second drive, bees left and robbing in a dearth. */
    public function weight(): float
    {
        return $this->personMinutes + $this->penaltyMinutes;
    }
}
