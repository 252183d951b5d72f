<?php

declare(strict_types=1);

namespace App\YardState;

use App\Models\Apiary;
use App\YardState\Flow\YardFlow;
use Marjoram\Core\Ripeness\BoxHoney;
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
        return array_merge(
            [],
            ...array_values(array_map(static fn (HiveState $hive): array => $hive->supers(), $this->hives)),
        );
    }

    public function count(Verdict $verdict): int
    {
        return count(array_filter($this->supers(), static fn (BoxState $box): bool => $box->verdict() === $verdict));
    }

    /** @return array{float, float} kg that may come off, and its standard deviation (the fill's error is common to all) */
    public function ripe(): array
    {
        $ripe = array_values(
            array_map(
                static fn (BoxState $box): BoxHoney => $box->honey,
                array_filter($this->supers(), static fn (BoxState $box): bool => $box->comesOff()),
            ),
        );

        return [
            array_sum(array_map(static fn (BoxHoney $honey): float => $honey->honeyKg, $ripe)),
            BoxHoney::sdOfSum($ripe),
        ];
    }

    /** @return list<array{HiveState, BoxState}> supers to look at, the look worth most first */
    public function worthALook(): array
    {
        $found = [];
        foreach ($this->hives as $hive) {
            foreach ($hive->supers() as $box) {
                if ($box->verdict() === Verdict::Look && $box->decision === null) {
                    $found[] = [$hive, $box];
                }
            }
        }
        usort($found, static fn (array $a, array $b): int => $b[1]->kgInDoubt() <=> $a[1]->kgInDoubt());

        return $found;
    }

    public function toLook(): int
    {
        return $this->count(Verdict::Look);
    }
}
