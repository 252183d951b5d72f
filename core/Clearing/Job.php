<?php

declare(strict_types=1);

namespace Marjoram\Core\Clearing;

/** The hives of one apiary that have supers to come off, and who comes to do it. */
final readonly class Job
{
    /** Person-minutes that a second drive counts for in the rank, for each of the crew. */
    private const SECOND_VISIT = 25.0;

    private const FRAMES_A_SUPER = 10;

    /** @param  list<HiveToClear>  $hives */
    public function __construct(public array $hives, public int $crew, public bool $dearth)
    {
    }

    public function supers(): int
    {
        return array_sum(array_map(static fn (HiveToClear $hive): int => $hive->supers, $this->hives));
    }

    /**
     * The hives with most supers, so many of them, and the rest.
     *
     * @return array{self, self}
     */
    public function split(int $first): array
    {
        $hives = $this->hives;
        usort($hives, static fn (HiveToClear $a, HiveToClear $b): int => [$b->supers, $a->broodInSupers]
            <=> [$a->supers, $b->broodInSupers]);

        return [
            new self(array_slice($hives, 0, $first), $this->crew, $this->dearth),
            new self(array_slice($hives, $first), $this->crew, $this->dearth),
        ];
    }

    /** Frames that come off where they are taken one by one. */
    public function frames(): int
    {
        $frames = static fn (HiveToClear $hive): int => $hive->frames ?? self::FRAMES_A_SUPER * $hive->supers;

        return array_sum(array_map($frames, $this->hives));
    }

    public function boxesToMove(): int
    {
        return array_sum(array_map(static fn (HiveToClear $hive): int => $hive->boxesToMoveBelow, $this->hives));
    }

    /** @return list<string> ids of the hives with brood in their supers */
    public function withBrood(): array
    {
        $brood = array_filter($this->hives, static fn (HiveToClear $hive): bool => $hive->broodInSupers);

        return array_values(array_map(static fn (HiveToClear $hive): string => $hive->id, $brood));
    }

    /** The first hive without an excluder; null where all have one. */
    public function openHive(): ?string
    {
        foreach ($this->hives as $hive) {
            if (! $hive->excluder) {
                return $hive->id;
            }
        }

        return null;
    }

    /** Person-minutes that a second drive, a hundred bees left and a risk of robbing count for in the rank. */
    public function penalty(Method $method, int $visits, float $beesLeftPerSuper): float
    {
        return self::SECOND_VISIT * $this->crew * max(0, $visits - 1)
            + ($this->dearth ? $method->robbingRisk()->minutes() : 0.0)
            + $beesLeftPerSuper * $this->supers() / 100.0;
    }
}
