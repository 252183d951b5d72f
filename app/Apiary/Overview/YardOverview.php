<?php

declare(strict_types=1);

namespace App\Apiary\Overview;

use App\Apiary\Hives\JudgedSuper;
use Marjoram\Core\Comb\Kilograms;
use Marjoram\Core\Ripeness\Verdict;

/** A yard in a few figures, summed from its hives. */
final readonly class YardOverview
{
    /** @param  array<string, HiveOverview>  $hives  by code, in the order of the stands */
    public function __construct(public array $hives)
    {
    }

    /** @return list<JudgedSuper> */
    public function supers(): array
    {
        $supers = array_map(static fn (HiveOverview $hive): array => $hive->supers, array_values($this->hives));

        return array_merge([], ...$supers);
    }

    public function count(Verdict ...$of): int
    {
        $is = static fn (JudgedSuper $super): bool => in_array($super->verdict, $of, true);

        return count(array_filter($this->supers(), $is));
    }

    /** Supers of which one more look would decide. */
    public function toInspect(): int
    {
        return $this->count(Verdict::Look, Verdict::ReadWater);
    }

    /** kg that may come off, with its spread: the fill's error is common to all. */
    public function ripe(): Kilograms
    {
        $ripe = array_filter($this->supers(), static fn (JudgedSuper $super): bool => $super->comesOff);

        return JudgedSuper::sum($ripe);
    }

    /** What winter needs of it. */
    public function ripeThatStays(): Kilograms
    {
        $stays = array_filter(
            $this->supers(),
            static fn (JudgedSuper $super): bool => $super->comesOff && $super->stays,
        );

        return JudgedSuper::sum($stays);
    }

    /** Ripe, and free of what winter needs. */
    public function mayComeOff(): Kilograms
    {
        return JudgedSuper::sum(array_filter(
            $this->supers(),
            static fn (JudgedSuper $super): bool => $super->mayComeIn(),
        ));
    }

    public function hivesToFeed(): int
    {
        return count(array_filter($this->hives, static fn (HiveOverview $hive): bool => $hive->mustBeFed));
    }

    /** @return list<string> codes of hives whose stores nobody has looked at */
    public function storesUnknown(): array
    {
        $unknown = array_filter($this->hives, static fn (HiveOverview $hive): bool => ! $hive->storesKnown);

        return array_map(static fn (HiveOverview $hive): string => $hive->code, array_values($unknown));
    }

    public function sugarKg(): float
    {
        $sugar = static fn (HiveOverview $hive): float => $hive->mustBeFed ? $hive->sugarKg : 0.0;

        return array_sum(array_map($sugar, array_values($this->hives)));
    }
}
