<?php

declare(strict_types=1);

namespace App\Pages\Calibrate;

use Marjoram\Core\Reserve\UseObservation;

/** What a hive used in a winter by the scales, against what was calculated for the same days. */
final readonly class MeasuredWinterUse
{
    private function __construct(
        public string $code,
        public string $yard,
        public float $calculatedKg,
        public float $usedKg,
        public float $sdKg,
    ) {
    }

    /** @param  non-empty-list<UseObservation>  $observed */
    public static function of(string $code, string $yard, array $observed): self
    {
        $sum = static fn (callable $of): float => array_sum(array_map($of, $observed));

        return new self(
            $code,
            $yard,
            $sum(static fn (UseObservation $one): float => $one->calculatedKg),
            $sum(static fn (UseObservation $one): float => $one->usedKg),
            sqrt($sum(static fn (UseObservation $one): float => $one->usedSdKg ** 2)),
        );
    }

    public function ratio(): float
    {
        return $this->usedKg / $this->calculatedKg;
    }
}
