<?php

declare(strict_types=1);

namespace App\Apiary\Days;

use App\Apiary\Hives\YardState;
use Marjoram\Core\Lifting\Lift;
use Marjoram\Core\Lifting\Lifting;
use Marjoram\Core\Lifting\LiftResult;

/** What it takes to lift each box of a yard from where it stands to the truck. */
final class Lifts
{
    /** Hands under a box: its floor above the ground, and the height of a barrow or a truck bed. */
    private const STAND_CM = 26.0;

    private const BED_CM = 80.0;

    /** Where a kind of box has no width of its own. */
    private const USUAL_DEPTH_CM = 41.0;

    /** @return array<string, LiftResult> by box id */
    public static function of(YardState $yard): array
    {
        $lifting = new Lifting;
        $lifts = [];
        foreach ($yard->hives as $hive) {
            $cm = self::STAND_CM;
            foreach ($hive->boxes as $box) {
                $height = $box->fitted->kind->externalHeightMm;
                $from = min(300.0, $cm + 0.05 * $height);
                $width = $box->fitted->kind->externalWidthMm;
                $depth = $width > 0.0 ? 0.1 * $width : self::USUAL_DEPTH_CM;
                $reach = Lift::reachCm($depth, min($from, self::BED_CM));
                $lift = new Lift($box->grossKg, $from, self::BED_CM, $reach);
                $lifts[$box->id] = $lifting->assess($lift);
                $cm += $height / 10.0;
            }
        }

        return $lifts;
    }
}
