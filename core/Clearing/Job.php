<?php

declare(strict_types=1);

namespace Marjoram\Core\Clearing;

/** The hives of one apiary that have supers to come off, and who comes to do it. */
final readonly class Job
{
    /** @param  list<HiveToClear>  $hives */
    public function __construct(public array $hives, public int $crew, public bool $dearth)
    {
    }

    public function supers(): int
    {
        return array_sum(array_map(static fn (HiveToClear $hive): int => $hive->supers, $this->hives));
    }

    public function boxesToMove(): int
    {
        return array_sum(array_map(static fn (HiveToClear $hive): int => $hive->boxesToMoveBelow, $this->hives));
    }

    /** @return list<string> ids of the hives with brood in their supers */
    public function withBrood(): array
    {
        return array_values(array_map(static fn (HiveToClear $hive): string => $hive->id,
            array_filter($this->hives, static fn (HiveToClear $hive): bool => $hive->broodInSupers)));
    }
}
