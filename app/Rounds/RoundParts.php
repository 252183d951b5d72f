<?php

declare(strict_types=1);

namespace App\Rounds;

use App\Models\Schedule;

/**
 * Which hives each service of a plan means. The planner takes the hives of a yard as alike; where a yard comes in by
 * parts, the hives are dealt out, those with most supers first, each to the part that is furthest from its share.
 *
 * @phpstan-type Hive array{hive: string, code: string, boxes: list<string>}
 */
final class RoundParts
{
    /** @return list<list<Hive>> by service, hives in the order of their codes */
    public static function of(Schedule $round): array
    {
        $parts = array_fill(0, count($round->services), []);
        foreach ($round->task['yards'] as $yard) {
            /** @var list<Hive> $hives */
            $hives = $yard['by_hive'] ?? [];
            usort(
                $hives,
                static fn (array $a, array $b): int => [count($b['boxes']), $a['code']] <=> [
                    count($a['boxes']),
                    $b['code'],
                ],
            );
            $room = $share = [];
            foreach ($round->services as $s => $service) {
                if ($service['yard'] === $yard['id']) {
                    $room[$s] = $service['hives'];
                    $share[$s] =
                        ($service['hives'] *
                            array_sum(array_map(static fn (array $hive): int => count($hive['boxes']), $hives))) /
                        max(1, count($hives));
                }
            }
            foreach ($hives as $hive) {
                $open = array_filter($share, static fn (int $s): bool => $room[$s] > 0, ARRAY_FILTER_USE_KEY);
                if ($open === []) {
                    break;
                }
                $s = (int) array_search(max($open), $open, true);
                $parts[$s][] = $hive;
                $room[$s]--;
                $share[$s] -= count($hive['boxes']);
            }
        }
        foreach ($parts as &$hives) {
            usort($hives, static fn (array $a, array $b): int => strnatcmp($a['code'], $b['code']));
        }

        return $parts;
    }

    /**
     * @param  list<Hive>  $hives
     * @return list<string> ids
     */
    public static function boxes(array $hives): array
    {
        return array_merge([], ...array_column($hives, 'boxes'));
    }
}
