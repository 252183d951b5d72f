<?php

declare(strict_types=1);

namespace App\Pages\Winter;

use App\Apiary\Hives\BoxState;
use App\Apiary\Operation\CurrentOperation;
use App\Apiary\Operation\Policy;
use App\Apiary\Operation\WinterPolicy;
use App\Apiary\Winter\HiveWinter;
use App\Apiary\Winter\WinterReader;
use App\Models\Apiary;
use Marjoram\Core\Reserve\ColonyNeed;
use Marjoram\Core\Reserve\Reserve;
use Marjoram\Core\Reserve\StoredBox;
use Marjoram\Core\Reserve\WinterSchool;

/** Calculates a hive's winter again for a choice of boxes, and for each school. */
final readonly class WhatIfReader
{
    public function __construct(private CurrentOperation $current, private WinterReader $winter)
    {
    }

    /** @param  list<string>|null  $supers  ids of those to keep on; null for what the calculation keeps */
    public function of(Apiary $apiary, HiveWinter $winter, ?array $supers = null): WhatIf
    {
        $policy = Policy::at($this->current, $apiary)->winter;
        $share = $winter->share;
        $use = $this->winter->season($apiary)->use($share->factorSd);
        $need = new ColonyNeed($use, $winter->stores->framesOfBees, $share->factor);
        $brood = array_map(static fn (BoxState $box): string => $box->id, $winter->state->broodBoxes());
        $keep = $supers === null
            ? $winter->reserve->keep
            : array_values(array_unique([...$brood, ...$supers]));
        $result = (new Reserve)->ofKept(
            $need,
            $share->boxes,
            $keep,
            $policy->confidence,
            $policy->sugarToStores,
        );

        return new WhatIf($winter, $keep, $result, self::schools($share->boxes, $policy, $need));
    }

    /**
     * @param  list<StoredBox>  $boxes
     * @return list<SchoolRow>
     */
    private static function schools(array $boxes, WinterPolicy $policy, ColonyNeed $need): array
    {
        $row = static fn (WinterSchool $school): SchoolRow => SchoolRow::of(
            $school,
            (new Reserve)->assess(
                $need,
                $boxes,
                $policy->confidence,
                $policy->sugarToStores,
                $school,
                $policy->boxes,
            ),
            $boxes,
            $school === $policy->school,
        );

        return array_map($row, WinterSchool::cases());
    }
}
