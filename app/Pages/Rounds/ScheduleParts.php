<?php

declare(strict_types=1);

namespace App\Pages\Rounds;

use App\Models\Schedule;
use App\Models\Schedules\AskedHive;
use App\Models\Schedules\AskedYard;

/**
 * Which hives each visit of a schedule means. The planner takes the hives of a yard as alike; where a yard comes in by
 * parts, the hives are dealt out, those with most supers first, each to the part that is furthest from its share.
 */
final readonly class ScheduleParts
{
    /** @param  array<int, list<AskedHive>>  $hives  by the place of the visit */
    private function __construct(private array $hives)
    {
    }

    public static function none(): self
    {
        return new self([]);
    }

    public static function of(Schedule $schedule): self
    {
        $parts = [];
        foreach ($schedule->question->yards as $yard) {
            $parts += self::deal($schedule, $yard);
        }
        ksort($parts);

        return new self($parts);
    }

    /** @return list<AskedHive> in the order of their codes */
    public function hivesOf(int $visit): array
    {
        return $this->hives[$visit] ?? [];
    }

    /** @return list<string> ids */
    public function boxesOf(int $visit): array
    {
        $boxes = static fn (AskedHive $hive): array => $hive->boxes;

        return array_merge([], ...array_map($boxes, $this->hivesOf($visit)));
    }

    /** @return array<int, list<AskedHive>> */
    private static function deal(Schedule $schedule, AskedYard $yard): array
    {
        $room = $share = $parts = [];
        foreach ($schedule->visits as $v => $visit) {
            if ($visit->yard === $yard->id) {
                $room[$v] = $visit->hives;
                $share[$v] = $visit->hives * $yard->supers() / max(1, count($yard->hives));
                $parts[$v] = [];
            }
        }
        $hives = $yard->hives;
        $key = static fn (AskedHive $hive): array => [-count($hive->boxes), $hive->code];
        usort($hives, static fn (AskedHive $a, AskedHive $b): int => $key($a) <=> $key($b));
        foreach ($hives as $hive) {
            $open = array_filter($share, static fn (int $v): bool => $room[$v] > 0, ARRAY_FILTER_USE_KEY);
            if ($open === []) {
                break;
            }
            $v = (int) array_search(max($open), $open, true);
            $parts[$v][] = $hive;
            $room[$v]--;
            $share[$v] -= count($hive->boxes);
        }
        foreach ($parts as &$of) {
            usort($of, static fn (AskedHive $a, AskedHive $b): int => strnatcmp($a->code, $b->code));
        }

        return $parts;
    }
}
