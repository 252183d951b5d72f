<?php

declare(strict_types=1);

namespace App\Apiary\Inspections;

use DateTimeImmutable;
use Marjoram\Core\Moisture\Reading;
use Marjoram\Core\Moisture\RefractometerScale;
use Marjoram\Core\Moisture\Refractometry;

/** A reading of a refractometer, with its record. */
final readonly class NotedReading
{
    public function __construct(public string $id, public Reading $reading, public DateTimeImmutable $readAt)
    {
    }

    /** The value as it was read, without idle zeros. */
    public function shown(): string
    {
        return rtrim(rtrim(number_format($this->reading->value, 4), '0'), '.');
    }

    public function unit(): string
    {
        return match ($this->reading->scale) {
            RefractometerScale::Water => '%',
            RefractometerScale::RefractiveIndex => 'nD',
            RefractometerScale::Brix => '°Bx',
        };
    }

    /** The water of honey that it stands for. */
    public function waterPct(): float
    {
        return (new Refractometry)->convert($this->reading)->waterPct;
    }

    public function offset(): ?string
    {
        $offset = $this->reading->offset;

        return $offset === 0.0 ? null : rtrim(rtrim(sprintf('%+.4f', $offset), '0'), '.');
    }
}
