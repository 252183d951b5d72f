<?php

declare(strict_types=1);

namespace Marjoram\Core\Flow;

/**
 * A long series drawn at so many columns without losing an extreme: the first, the last, the least and the most of each
 * column (M4: U. Jugel, Z. Jerzak, G. Hackenbroich and V. Markl 2014, "M4: a visualization-oriented time series data
 * aggregation"). A line through these covers the very same pixels as one through all.
 */
final class Thinning
{
    /**
     * @param  list<int>  $at  rising
     * @param  list<float>  $values  as many
     * @param  int  $from  of the first column
     * @param  int  $to  of the last, above from
     * @param  int  $columns  at least one
     * @return list<array{int, float}> in order; at most four a column
     */
    public static function m4(array $at, array $values, int $from, int $to, int $columns): array
    {
        $wide = max(1, $to - $from) / max(1, $columns);
        $kept = [];
        $column = null;
        $first = $last = $least = $most = 0;
        foreach ($at as $i => $time) {
            $of = (int) (($time - $from) / $wide);
            if ($of === $column) {
                $last = $i;
                if ($values[$i] < $values[$least]) {
                    $least = $i;
                } elseif ($values[$i] > $values[$most]) {
                    $most = $i;
                }

                continue;
            }
            if ($column !== null) {
                $kept[$first] = $kept[$least] = $kept[$most] = $kept[$last] = true;
            }
            $column = $of;
            $first = $last = $least = $most = $i;
        }
        if ($column !== null) {
            $kept[$first] = $kept[$least] = $kept[$most] = $kept[$last] = true;
        }
        ksort($kept);

        return array_map(static fn (int $i): array => [$at[$i], $values[$i]], array_keys($kept));
    }
}
