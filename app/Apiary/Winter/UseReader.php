<?php

declare(strict_types=1);

namespace App\Apiary\Winter;

use App\Models\HiveWeighing;
use Marjoram\Core\Reserve\ReserveAssumptions;
use Marjoram\Core\Reserve\StoresAssumptions;
use Marjoram\Core\Reserve\UseCalibration;
use Marjoram\Core\Reserve\UseObservation;
use Marjoram\Core\Reserve\UsePaths;
use Marjoram\Core\Reserve\Winter;
use Marjoram\Core\Reserve\WinterUse;

/** What weighings of one winter say of the use of a yard's hives, against what was calculated for the same days. */
final class UseReader
{
    /** @param  array<string, WinterNotes>  $notes  by hive code */
    public static function learn(array $notes, WinterSeason $season, float $prior): UseCalibration
    {
        $observed = [];
        foreach ($notes as $code => $of) {
            $found = self::observations($of, $season->whole, $season->paths());
            if ($found !== []) {
                $observed[(string) $code] = $found;
            }
        }

        return UseCalibration::of($observed, $prior);
    }

    /** @return list<UseObservation> */
    public static function observations(WinterNotes $notes, Winter $winter, UsePaths $paths): array
    {
        $from = $winter->from->modify('-21 days')->format('Y-m-d');
        $until = $winter->firstFlow->format('Y-m-d');
        $known = new StoresAssumptions;
        $before = null;
        $found = [];
        foreach ($notes->weighings as $one) {
            $on = $one->weighed_on->format('Y-m-d');
            if ($on < $from || $on > $until) {
                continue;
            }
            $calculated = $before === null ? 0.0 : self::calculated($before, $one, $paths);
            if ($before !== null && $calculated < $known->leastLearntKg) {
                continue;
            }
            if ($before !== null) {
                $fed = $notes->fedKg($before->weighed_on->format('Y-m-d'), $on);
                // The tare's error is common to both weighings and falls out of the difference.
                $variance = $before->reading_sd_kg ** 2 + $one->reading_sd_kg ** 2 + ($known->feedSd * $fed) ** 2;
                $used = $before->stores_kg + $fed - $one->stores_kg;
                $found[] = new UseObservation($used, sqrt($variance), $calculated);
            }
            $before = $one;
        }

        return $found;
    }

    private static function calculated(HiveWeighing $before, HiveWeighing $now, UsePaths $paths): float
    {
        $used = $paths->between(
            $before->weighed_on->toDateTimeImmutable(),
            $now->weighed_on->toDateTimeImmutable(),
        );

        return WinterUse::scale($before->frames_of_bees, 1.0, new ReserveAssumptions) * $used[0];
    }
}
