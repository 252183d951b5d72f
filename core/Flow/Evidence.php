<?php

declare(strict_types=1);

namespace Marjoram\Core\Flow;

use DateTimeImmutable;
use Marjoram\Core\InvalidInput;

/** A sign seen at a time. */
final readonly class Evidence
{
    public float $likelihoodRatio;

    /** @throws InvalidInput when the sign has no such result */
    public function __construct(public Sign $sign, public string $result, public DateTimeImmutable $at)
    {
        $this->likelihoodRatio = $sign->likelihoodRatio($result);
    }
}
