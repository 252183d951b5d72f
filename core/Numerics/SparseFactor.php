<?php

declare(strict_types=1);

namespace Marjoram\Core\Numerics;

/**
 * A sparse, symmetric, positive matrix as L D L'. A. George and J. Liu (1981), "Computer solution of large sparse
 * positive definite systems"; the inverse where the factor has an entry by K. Takahashi and others (1973).
 */
final class SparseFactor
{
    /** @var list<array<int, float>> below the diagonal, by column and row, in the order of elimination */
    private array $columns = [];

    /** @var list<float> */
    private array $pivots = [];

    /**
     * @param  array<int, float>  $diagonal  by node
     * @param  iterable<array{int, int, float}>  $entries  beside it, each pair once or in parts that are added
     */
    public function __construct(private readonly SparseOrder $order, array $diagonal, iterable $entries)
    {
        $rows = array_fill(0, $order->size(), []);
        foreach ($order->below as $j => $places) {
            foreach ($places as $i) {
                $rows[$i][$j] = 0.0;
            }
        }
        foreach ($entries as [$a, $b, $value]) {
            [$i, $j] = [$order->places[$a], $order->places[$b]];
            $i > $j ? $rows[$i][$j] += $value : $rows[$j][$i] += $value;
        }
        $pivots = array_map(static fn (int $node): float => $diagonal[$node], $order->nodes);
        foreach ($order->below as $j => $places) {
            $pivot = $pivots[$j];
            $column = $shares = [];
            foreach ($places as $i) {
                $column[$i] = $rows[$i][$j];
                $shares[$i] = $column[$i] / $pivot;
            }
            $this->columns[] = $shares;
            foreach (array_reverse($places) as $i) {
                $share = $shares[$i];
                $pivots[$i] -= $share * $column[$i];
                unset($column[$i]);
                if ($share !== 0.0) {
                    $row = &$rows[$i];
                    foreach ($column as $k => $value) {
                        $row[$k] -= $share * $value;
                    }
                    unset($row);
                }
            }
        }
        $this->pivots = array_values($pivots);
    }

    public function logDeterminant(): float
    {
        return array_sum(array_map(log(...), $this->pivots));
    }

    /**
     * @param  list<float>  $right  by node
     * @return list<float> what the matrix takes to it, by node
     */
    public function solve(array $right): array
    {
        $x = array_map(static fn (int $node): float => $right[$node], $this->order->nodes);
        foreach ($this->columns as $j => $column) {
            foreach ($column as $i => $value) {
                $x[$i] -= $value * $x[$j];
            }
        }
        for ($j = count($x) - 1; $j >= 0; $j--) {
            $x[$j] /= $this->pivots[$j];
            foreach ($this->columns[$j] as $i => $value) {
                $x[$j] -= $value * $x[$i];
            }
        }

        return array_map(static fn (int $place): float => $x[$place], $this->order->places);
    }

    /** @return list<float> the diagonal of the inverse, by node */
    public function inverseDiagonal(): array
    {
        $rows = array_fill(0, $this->order->size(), []);
        $own = array_fill(0, $this->order->size(), 0.0);
        for ($j = count($this->columns) - 1; $j >= 0; $j--) {
            $column = $this->columns[$j];
            $sums = array_fill_keys($this->order->below[$j], 0.0);
            $left = $column;
            foreach (array_reverse($this->order->below[$j]) as $i) {
                $share = $column[$i];
                unset($left[$i]);
                $sum = $share * $own[$i];
                $row = $rows[$i];
                foreach ($left as $k => $value) {
                    $sum += $value * $row[$k];
                    $sums[$k] -= $share * $row[$k];
                }
                $sums[$i] -= $sum;
            }
            $diagonal = 1.0 / $this->pivots[$j];
            foreach ($sums as $i => $sum) {
                $diagonal -= $column[$i] * $sum;
                $rows[$i][$j] = $sum;
            }
            $own[$j] = $diagonal;
        }

        return array_map(static fn (int $place): float => $own[$place], $this->order->places);
    }
}
