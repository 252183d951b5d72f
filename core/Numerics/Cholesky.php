<?php

declare(strict_types=1);

namespace Marjoram\Core\Numerics;

/** The lower triangle L of a small positive definite matrix, L L' = A. */
final readonly class Cholesky
{
    /** Below it a pivot counts as this: a direction without spread. */
    private const LEAST = 1e-12;

    /** @param  array<int, array<int, float>>  $lower  beyond the diagonal 0 */
    private function __construct(public array $lower)
    {
    }

    /** @param  array<int, array<int, float>>  $matrix  symmetric; only its lower triangle is read */
    public static function of(array $matrix): self
    {
        $n = count($matrix);
        $lower = [];
        foreach ($matrix as $i => $row) {
            $line = array_fill(0, $n, 0.0);
            for ($j = 0; $j <= $i; $j++) {
                $sum = $row[$j];
                for ($k = 0; $k < $j; $k++) {
                    $sum -= $line[$k] * ($j === $i ? $line[$k] : $lower[$j][$k]);
                }
                $line[$j] = $j === $i ? sqrt(max(self::LEAST, $sum)) : $sum / $lower[$j][$j];
            }
            $lower[] = $line;
        }

        return new self($lower);
    }

    public function logDeterminant(): float
    {
        $sum = 0.0;
        foreach ($this->lower as $i => $row) {
            $sum += log($row[$i]);
        }

        return 2.0 * $sum;
    }

    /** @return array<int, array<int, float>> lower triangle of the inverse of the matrix; above it 0 */
    public function inverse(): array
    {
        $n = count($this->lower);
        $root = [];
        for ($i = 0; $i < $n; $i++) {
            $row = $this->lower[$i];
            for ($j = 0; $j < $i; $j++) {
                $sum = 0.0;
                for ($k = $j; $k < $i; $k++) {
                    $sum -= $row[$k] * $root[$k][$j];
                }
                $root[$i][$j] = $sum / $row[$i];
            }
            $root[$i][$i] = 1.0 / $row[$i];
        }
        $inverse = [];
        for ($i = 0; $i < $n; $i++) {
            $inverse[$i] = array_fill(0, $n, 0.0);
            for ($j = 0; $j <= $i; $j++) {
                $sum = 0.0;
                for ($k = $i; $k < $n; $k++) {
                    $sum += $root[$k][$i] * $root[$k][$j];
                }
                $inverse[$i][$j] = $sum;
            }
        }

        return $inverse;
    }

    /**
     * @param  array<int, float>  $right
     * @return list<float> x of A x = right
     */
    public function solve(array $right): array
    {
        $n = count($this->lower);
        $x = $right;
        for ($i = 0; $i < $n; $i++) {
            for ($k = 0; $k < $i; $k++) {
                $x[$i] -= $this->lower[$i][$k] * $x[$k];
            }
            $x[$i] /= $this->lower[$i][$i];
        }
        for ($i = $n - 1; $i >= 0; $i--) {
            for ($k = $i + 1; $k < $n; $k++) {
                $x[$i] -= $this->lower[$k][$i] * $x[$k];
            }
            $x[$i] /= $this->lower[$i][$i];
        }

        return array_values($x);
    }
}
