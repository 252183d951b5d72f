<?php

declare(strict_types=1);

namespace Marjoram\Core\Yields\Merit;

use Marjoram\Core\Yields\YieldRecord;

/** The records set to numbers: which yard and season, which queen, what happened to the hive. */
final readonly class Design
{
    /** Of fixed effects beside yards in seasons. */
    public const COVARIATES = ['swarmed', 'split'];

    /** A record of a queen without a name is of a queen of its own. */
    private const UNNAMED = "\0";

    /**
     * @param  list<float>  $y  on the scale asked for, less their mean
     * @param  list<int>  $group  yard and season of each record
     * @param  list<int>  $queen  place in the pedigree
     * @param  list<array<string, float>>  $covariates  that are not zero, by name
     * @param  array<int, int>  $own  records of each queen
     * @param  array<int, int>  $daughters  records of each queen's daughters
     */
    private function __construct(
        public Pedigree $pedigree,
        public array $y,
        public array $group,
        public int $groups,
        public array $queen,
        public array $covariates,
        public array $own,
        public array $daughters,
    ) {
    }

    /**
     * @param  non-empty-list<YieldRecord>  $records
     * @param  array<string|int, string>  $mothers
     */
    public static function of(array $records, array $mothers, YieldScale $scale): self
    {
        $names = [];
        foreach ($records as $i => $one) {
            $names[] = $one->queen ?? self::UNNAMED.$i;
        }
        $pedigree = new Pedigree($mothers, $names);
        $places = $pedigree->places();
        $y = array_map(static fn (YieldRecord $one): float => $scale->of($one->kg), $records);
        $mean = array_sum($y) / count($y);
        $groups = $group = $covariates = [];
        foreach ($records as $one) {
            $group[] = $groups["$one->season $one->apiary"] ??= count($groups);
            $covariates[] = array_filter([
                'swarmed' => $one->swarmed ? 1.0 : 0.0,
                'split' => $one->split ? 1.0 : 0.0,
            ]);
        }

        $queen = array_map(static fn (string $name): int => $places[$name], $names);
        $own = self::counted($pedigree, ...$queen);

        return new self(
            $pedigree,
            array_map(static fn (float $one): float => $one - $mean, $y),
            $group,
            count($groups),
            $queen,
            $covariates,
            $own,
            self::ofDaughters($pedigree, $own),
        );
    }

    public static function isUnnamed(string $queen): bool
    {
        return str_starts_with($queen, self::UNNAMED);
    }

    public function records(): int
    {
        return count($this->y);
    }

    /** Whether there is anything to tell queens from chance by: a second record of a queen or of her kin. */
    public function hasRepeats(int $free): bool
    {
        return $free > 1
            && ($this->pedigree->mothers !== [] || count(array_unique($this->queen)) < count($this->queen));
    }

    /**
     * What is left to what queens differ, told from how seasons of the same queen agree: where one looks first.
     *
     * @return float 0.1 to 20
     */
    public function guessedRatio(): float
    {
        $sums = $sizes = array_fill(0, $this->groups, 0.0);
        foreach ($this->y as $r => $y) {
            $sums[$this->group[$r]] += $y;
            $sizes[$this->group[$r]]++;
        }
        $of = [];
        $all = 0.0;
        foreach ($this->y as $r => $y) {
            $left = $y - $sums[$this->group[$r]] / $sizes[$this->group[$r]];
            $of[$this->queen[$r]][] = $left;
            $all += $left ** 2;
        }
        $alike = $pairs = 0.0;
        foreach ($of as $own) {
            $alike += array_sum($own) ** 2 - array_sum(array_map(static fn (float $one): float => $one ** 2, $own));
            $pairs += count($own) * (count($own) - 1);
        }
        $queens = $pairs > 0.0 ? $alike / $pairs : 0.0;
        $rest = $all / max(1, count($this->y) - $this->groups) - $queens;

        return $queens > 0.0 ? max(0.1, min(20.0, $rest / $queens)) : 2.0;
    }

    /** @return array<int, int> records of each queen's own */
    private static function counted(Pedigree $pedigree, int ...$queens): array
    {
        $own = array_fill(0, $pedigree->size(), 0);
        foreach ($queens as $queen) {
            $own[$queen]++;
        }

        return $own;
    }

    /**
     * @param  array<int, int>  $own
     * @return array<int, int> records of each queen's daughters
     */
    private static function ofDaughters(Pedigree $pedigree, array $own): array
    {
        $theirs = array_fill(0, $pedigree->size(), 0);
        foreach ($pedigree->mothers as $daughter => $mother) {
            $theirs[$mother] += $own[$daughter];
        }

        return $theirs;
    }
}
