<?php

declare(strict_types=1);

namespace Marjoram\Core\Yields\Merit;

use Marjoram\Core\Numerics\SparseFactor;
use Marjoram\Core\Numerics\SparseOrder;

/**
 * Henderson's mixed model equations. Its unknowns: the queens by their places in the pedigree, then yards in seasons,
 * then the covariates that can be told.
 */
final readonly class MixedEquations
{
    private SparseOrder $order;

    /** @var list<float> */
    private array $diagonal;

    /** @var list<array{int, int, float}> that stay as they are */
    private array $entries;

    /** @var list<float> */
    public array $right;

    /** @param  list<string>  $covariates  that can be told */
    public function __construct(public Design $design, public array $covariates)
    {
        $queens = $design->pedigree->size();
        $size = $queens + $design->groups + count($covariates);
        $diagonal = $right = array_fill(0, $size, 0.0);
        $cells = [];
        foreach ($design->y as $r => $y) {
            $x = [$design->queen[$r] => 1.0, $queens + $design->group[$r] => 1.0];
            foreach ($covariates as $c => $name) {
                if (isset($design->covariates[$r][$name])) {
                    $x[$queens + $design->groups + $c] = $design->covariates[$r][$name];
                }
            }
            foreach ($x as $a => $value) {
                $right[$a] += $value * $y;
                $diagonal[$a] += $value ** 2;
                foreach ($x as $b => $other) {
                    if ($a < $b) {
                        $cells[$a][$b] = ($cells[$a][$b] ?? 0.0) + $value * $other;
                    }
                }
            }
        }
        $entries = [];
        foreach ($cells as $a => $row) {
            foreach ($row as $b => $value) {
                $entries[] = [$a, $b, $value];
            }
        }
        $this->diagonal = array_values($diagonal);
        $this->right = array_values($right);
        $this->entries = $entries;
        $this->order = new SparseOrder($size, $this->pairs());
    }

    /** The equations solved with a ratio of the variances: what is left, to that of the queens. */
    public function at(float $ratio): Solved
    {
        $pedigree = $this->design->pedigree;
        $diagonal = $this->diagonal;
        foreach ($pedigree->diagonal() as $queen => $own) {
            $diagonal[$queen] += $ratio * $own;
        }
        $entries = $this->entries;
        foreach ($pedigree->mothers as $daughter => $mother) {
            $entries[] = [$daughter, $mother, $ratio * $pedigree->between()];
        }

        return new Solved($this, $ratio, new SparseFactor($this->order, $diagonal, $entries));
    }

    /** @return iterable<array{int, int}> */
    private function pairs(): iterable
    {
        foreach ($this->entries as [$a, $b]) {
            yield [$a, $b];
        }
        foreach ($this->design->pedigree->mothers as $daughter => $mother) {
            yield [$daughter, $mother];
        }
    }
}
