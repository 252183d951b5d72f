<?php

declare(strict_types=1);

namespace Marjoram\Core\Yields\Merit;

/** The fixed effects alone: as if queens did not differ. Says which of them can be told at all. */
final readonly class PlainFit
{
    /** A covariate with less than this left, after yards and earlier covariates, is dropped. */
    private const NOTHING = 1e-9;

    public int $rank;

    /** Of the residuals, summed. */
    public float $squares;

    /** @var list<string> covariates that cannot be told from yards and years */
    public array $dropped;

    /** @var array<string, float> */
    public array $covariates;

    public float $skewness;

    private float $logDeterminant;

    public function __construct(private Design $design)
    {
        $sizes = array_count_values($design->group);
        $left = $this->within($design->y, $sizes);
        $log = array_sum(array_map(log(...), $sizes));
        $kept = $effects = $dropped = [];
        foreach (Design::COVARIATES as $name) {
            $x = $this->within(array_map(
                static fn (array $of): float => $of[$name] ?? 0.0,
                $design->covariates,
            ), $sizes);
            $shares = [];
            foreach ($kept as $other => $z) {
                $shares[$other] = self::dot($x, $z) / self::dot($z, $z);
                $x = self::less($x, $shares[$other], $z);
            }
            $square = self::dot($x, $x);
            if ($square <= self::NOTHING) {
                $dropped[] = $name;

                continue;
            }
            $effect = self::dot($x, $left) / $square;
            foreach ($shares as $other => $share) {
                $effects[$other] = ($effects[$other] ?? 0.0) - $share * $effect;
            }
            $effects[$name] = $effect;
            $left = self::less($left, $effect, $x);
            $log += log($square);
            $kept[$name] = $x;
        }
        $this->rank = $design->groups + count($kept);
        $this->squares = self::dot($left, $left);
        $this->dropped = $dropped;
        $this->covariates = $effects;
        $this->skewness = Skewness::of($left);
        $this->logDeterminant = $log;
    }

    /** Minus twice the logarithm of the restricted likelihood. */
    public function criterion(): float
    {
        $free = max(1, $this->design->records() - $this->rank);
        $variance = max(1e-300, $this->squares / $free);

        return $free * (1.0 + log(2.0 * M_PI * $variance)) + $this->logDeterminant;
    }

    /**
     * Less the mean of its yard and season.
     *
     * @param  list<float>  $values
     * @param  array<int, int>  $sizes
     * @return list<float>
     */
    private function within(array $values, array $sizes): array
    {
        $sums = array_fill(0, $this->design->groups, 0.0);
        foreach ($values as $r => $value) {
            $sums[$this->design->group[$r]] += $value;
        }

        return array_map(
            static fn (float $value, int $group): float => $value - $sums[$group] / $sizes[$group],
            $values,
            $this->design->group,
        );
    }

    /**
     * @param  list<float>  $a
     * @param  list<float>  $b
     */
    private static function dot(array $a, array $b): float
    {
        return array_sum(array_map(static fn (float $x, float $y): float => $x * $y, $a, $b));
    }

    /**
     * @param  list<float>  $a
     * @param  list<float>  $b
     * @return list<float>
     */
    private static function less(array $a, float $share, array $b): array
    {
        return array_map(static fn (float $x, float $y): float => $x - $share * $y, $a, $b);
    }
}
