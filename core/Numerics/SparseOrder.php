<?php

declare(strict_types=1);

namespace Marjoram\Core\Numerics;

/**
 * In which order the unknowns of a large, sparse, symmetric system are eliminated, and what each then meets.
 *
 * Minimum degree (H. M. Markowitz 1957, W. F. Tinney and J. W. Walker 1967): always one that meets the fewest others,
 * so that few new entries arise. Made once for a pattern; the values may change.
 */
final readonly class SparseOrder
{
    /** @var list<int> nodes in the order of their elimination */
    public array $nodes;

    /** @var list<int> place in that order by node */
    public array $places;

    /** @var list<list<int>> places of those that each meets when its turn comes, rising, by place */
    public array $below;

    /**
     * @param  int  $size  nodes 0 to size - 1
     * @param  iterable<array{int, int}>  $pairs  that have an entry; either way round, as often as one likes
     */
    public function __construct(int $size, iterable $pairs)
    {
        $next = array_fill(0, $size, []);
        foreach ($pairs as [$a, $b]) {
            if ($a !== $b) {
                $next[$a][$b] = $next[$b][$a] = true;
            }
        }
        $nodes = [];
        $met = [];
        $waiting = [];
        foreach ($next as $node => $others) {
            $waiting[count($others)][$node] = true;
        }
        $degree = 0;
        while (count($nodes) < $size) {
            $node = null;
            while ($node === null) {
                $node = array_key_first($waiting[$degree] ?? []);
                $degree += $node === null ? 1 : 0;
            }
            unset($waiting[$degree][$node]);
            $others = $next[$node];
            $nodes[] = $node;
            $met[] = array_keys($others);
            foreach (array_keys($others) as $one) {
                $before = count($next[$one]);
                unset($next[$one][$node]);
                $next[$one] += $others;
                unset($next[$one][$one]);
                $now = count($next[$one]);
                if ($now !== $before) {
                    unset($waiting[$before][$one]);
                    $waiting[$now][$one] = true;
                    $degree = min($degree, $now);
                }
            }
            $next[$node] = [];
        }
        $this->nodes = $nodes;
        $places = array_flip($nodes);
        ksort($places);
        $this->places = array_values($places);
        $below = [];
        foreach ($met as $others) {
            $at = array_map(static fn (int $node): int => $places[$node], $others);
            sort($at);
            $below[] = $at;
        }
        $this->below = $below;
    }

    public function size(): int
    {
        return count($this->nodes);
    }
}
