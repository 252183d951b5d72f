<?php

declare(strict_types=1);

namespace App\Winter;

use App\Models\Apiary;
use App\Operation\CurrentOperation;
use App\Operation\Policy;
use App\Operation\WinterPolicy;
use App\YardState\BoxState;
use App\YardState\Winter\HiveWinter;
use App\YardState\Winter\WinterReader;
use Marjoram\Core\Reserve\Reserve;
use Marjoram\Core\Reserve\WinterSchool;
use Marjoram\Core\Reserve\WinterUse;

/** Reckons a hive's winter anew for a choice of boxes, and for each school. */
final readonly class WhatIfReader
{
    public function __construct(private CurrentOperation $current, private WinterReader $winter)
    {
    }

    /** @param  list<string>|null  $supers  ids of those to keep on; null for what the reckoning keeps */
    public function of(Apiary $apiary, HiveWinter $winter, ?array $supers = null): WhatIf
    {
        $policy = Policy::at($this->current, $apiary)->winter;
        $use = $this->winter->season($apiary)->use();
        $brood = array_map(static fn (BoxState $box): string => $box->id, $winter->state->broodBoxes());
        $keep = $supers === null
            ? $winter->reserve->keep
            : array_values(array_unique([...$brood, ...$supers]));
        $result = (new Reserve)->ofKept(
            $use,
            $winter->stores->framesOfBees,
            $winter->share->boxes,
            $keep,
            $winter->share->factor,
            $policy->confidence,
            $policy->sugarToStores,
        );

        return new WhatIf($winter, $keep, $result, self::schools($winter, $policy, $use));
    }

    /** @return list<SchoolRow> */
    private static function schools(HiveWinter $winter, WinterPolicy $policy, WinterUse $use): array
    {
        $row = static fn (WinterSchool $school): SchoolRow => SchoolRow::of(
            $school,
            (new Reserve)->assess(
                $use,
                $winter->stores->framesOfBees,
                $winter->share->boxes,
                $winter->share->factor,
                $policy->confidence,
                $policy->sugarToStores,
                $school,
                $policy->boxes,
            ),
            $winter->share->boxes,
            $school === $policy->school,
        );

        return array_map($row, WinterSchool::cases());
    }
}
