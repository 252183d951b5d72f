<?php

declare(strict_types=1);

namespace App\YardState\Winter;

use App\Operation\Policy;
use App\YardState\HiveState;
use Marjoram\Core\Reserve\ReserveAssumptions;
use Marjoram\Core\Reserve\UseCalibration;
use Marjoram\Core\Reserve\Winter;
use Marjoram\Core\Reserve\WinterUse;

/** What weighings of one winter say of the use of a yard's hives, against what was reckoned for the same days. */
final class UseReader
{
    /** A stretch for which less was reckoned says nothing. */
    private const LEAST_KG = 1.0;

    /**
     * @param  array<string, HiveState>  $hives  by code
     * @param  array<string, WinterNotes>  $records  by hive id
     */
    public static function learn(array $hives, array $records, Winter $winter, Policy $policy): UseCalibration
    {
        $observed = [];
        foreach ($hives as $code => $state) {
            $of = self::observations($records[$state->hive->id] ?? new WinterNotes, $winter);
            if ($of !== []) {
                $observed[(string) $code] = $of;
            }
        }

        return UseCalibration::of($observed, $policy->number('winter_factor'));
    }

    /** @return list<array{usedKg: float, usedSdKg: float, reckonedKg: float}> */
    public static function observations(WinterNotes $record, Winter $winter): array
    {
        $from = $winter->from->modify('-21 days')->format('Y-m-d');
        $until = $winter->firstFlow->format('Y-m-d');
        $weighings = array_values(
            array_filter(
                $record->weighings,
                static fn ($one): bool => $one->weighed_on->format('Y-m-d') >= $from &&
                    $one->weighed_on->format('Y-m-d') <= $until,
            ),
        );
        if (count($weighings) < 2) {
            return [];
        }
        $paths = WinterSeason::pathsOf($winter);
        $found = [];
        $a = $weighings[0];
        foreach (array_slice($weighings, 1) as $b) {
            [$on, $off] = [$a->weighed_on->toDateTimeImmutable(), $b->weighed_on->toDateTimeImmutable()];
            $reckoned =
                WinterUse::scale($a->frames_of_bees, 1.0, new ReserveAssumptions) * $paths->between($on, $off)[0];
            if ($reckoned < self::LEAST_KG) {
                continue;
            }
            $fed = $record->fedKg($a->weighed_on->format('Y-m-d'), $b->weighed_on->format('Y-m-d'));
            // The tare's error is common to both weighings and falls out of the difference.
            $found[] = [
                'usedKg' => $a->stores_kg + $fed - $b->stores_kg,
                'usedSdKg' => sqrt($a->reading_sd_kg ** 2 + $b->reading_sd_kg ** 2 + (0.1 * $fed) ** 2),
                'reckonedKg' => $reckoned,
            ];
            $a = $b;
        }

        return $found;
    }
}
