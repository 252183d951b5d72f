<?php

declare(strict_types=1);

namespace App\Apiary\Hives;

use App\Apiary\Flow\YardFlow;
use App\Models\Apiary;
use Marjoram\Core\Comb\Kilograms;

/** A yard on the day: its hives with what was seen and judged, and its flow. */
final readonly class YardState
{
    /** @param  array<string, HiveState>  $hives by code, in the order of the stands */
    public function __construct(public Apiary $apiary, public array $hives, public YardFlow $flow)
    {
    }

    public function hive(string $code): ?HiveState
    {
        return $this->hives[$code] ?? null;
    }

    /** @return list<BoxState> */
    public function supers(): array
    {
        $supers = array_map(static fn (HiveState $hive): array => $hive->supers(), array_values($this->hives));

        return array_merge([], ...$supers);
    }

    /** kg that may come off, with its spread: the fill's error is common to all. */
    public function ripe(): Kilograms
    {
        $ripe = array_filter($this->supers(), static fn (BoxState $box): bool => $box->comesOff());

        return Kilograms::sum(array_map(static fn (BoxState $box): Kilograms => $box->honey, $ripe));
    }

    /** @return list<BoxState> supers, hive by hive from the top */
    public function fromTheTop(): array
    {
        $supers = array_map(
            static fn (HiveState $hive): array => array_reverse($hive->supers()),
            array_values($this->hives),
        );

        return array_merge([], ...$supers);
    }

    /** @return list<BoxState> supers to look at, the look worth most first */
    public function worthALook(): array
    {
        $worth = array_values(array_filter($this->supers(), static fn (BoxState $box): bool => $box->isToLookAt()));
        $worthOf = static fn (BoxState $box): float => $box->ripeness->kgAMinute();
        usort($worth, static fn (BoxState $a, BoxState $b): int => $worthOf($b) <=> $worthOf($a));

        return $worth;
    }

    public function toLook(): int
    {
        return count($this->worthALook());
    }
}
