<?php

declare(strict_types=1);

namespace App\Assess;

use App\Models\Apiary;
use App\Watch\YardFlow;
use Marjoram\Core\Comb\CombAssumptions;
use Marjoram\Core\Ripeness\Verdict;

/** A yard on the day: its hives with what was seen and judged, and its flow. */
final readonly class YardState
{
    /** @param  array<string, HiveState>  $hives by code, in the order of the stands */
    public function __construct(public Apiary $apiary, public array $hives, public YardFlow $flow)
    {
    }

    /** @return list<BoxState> */
    public function supers(): array
    {
        return array_merge([], ...array_values(array_map(static fn (HiveState $hive): array => $hive->supers(), $this->hives)));
    }

    public function count(Verdict $verdict): int
    {
        return count(array_filter($this->supers(), static fn (BoxState $box): bool => $box->verdict() === $verdict));
    }

    /** @return array{float, float} kg that may come off, and its standard deviation (the fill's error is common to all) */
    public function ripe(): array
    {
        $kg = $own = 0.0;
        foreach ($this->supers() as $box) {
            if ($box->comesOff()) {
                $kg += $box->honey->honeyKg;
                $own += $box->honey->ownSdKg ** 2;
            }
        }

        return [$kg, (new CombAssumptions)->sdOfSumKg($kg, $own)];
    }

    public function toLook(): int
    {
        return $this->count(Verdict::Look);
    }
}
