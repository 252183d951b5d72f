<?php

declare(strict_types=1);

namespace Marjoram\Core\Yields\Merit;

use Marjoram\Core\Numerics\SparseFactor;

/** The mixed model equations solved with one ratio of the variances. */
final readonly class Solved
{
    /** What the model leaves of the yields, as the likelihood weighs it. */
    public float $squares;

    /** @var list<float> */
    private array $found;

    public function __construct(private MixedEquations $of, public float $ratio, private SparseFactor $factor)
    {
        $this->found = $factor->solve($of->right);
        $left = 0.0;
        foreach ($of->design->y as $y) {
            $left += $y ** 2;
        }
        foreach ($this->found as $i => $value) {
            $left -= $value * $of->right[$i];
        }
        $this->squares = max(1e-300, $left);
    }

    /**
     * Minus twice the logarithm of the restricted likelihood, as lme4 counts it.
     *
     * @param  int  $free  records less the fixed effects that can be told
     */
    public function criterion(int $free): float
    {
        $pedigree = $this->of->design->pedigree;

        return $free * (1.0 + log(2.0 * M_PI * $this->squares / $free))
            - $pedigree->size() * log($this->ratio)
            + $pedigree->logDeterminant()
            + $this->factor->logDeterminant();
    }

    /** @return list<float> by place in the pedigree */
    public function queens(): array
    {
        return array_slice($this->found, 0, $this->of->design->pedigree->size());
    }

    /** @return list<float> variance of each queen's prediction error, in units of what the model leaves */
    public function inverse(): array
    {
        return array_slice($this->factor->inverseDiagonal(), 0, $this->of->design->pedigree->size());
    }

    /** @return array<array-key, float> */
    public function covariates(): array
    {
        $first = $this->of->design->pedigree->size() + $this->of->design->groups;

        return $this->of->covariates === []
            ? []
            : array_combine($this->of->covariates, array_slice($this->found, $first));
    }

    /** Of what is left of each record. */
    public function skewness(): float
    {
        $design = $this->of->design;
        $covariates = $this->covariates();
        $left = [];
        foreach ($design->y as $r => $y) {
            $left[] = $y
                - $this->found[$design->queen[$r]]
                - $this->found[$design->pedigree->size() + $design->group[$r]]
                - array_sum(array_map(
                    static fn (int|string $name, float $x): float => $x * ($covariates[$name] ?? 0.0),
                    array_keys($design->covariates[$r]),
                    $design->covariates[$r],
                ));
        }

        return Skewness::of($left);
    }
}
