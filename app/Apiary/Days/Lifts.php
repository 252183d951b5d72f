<?php

declare(strict_types=1);

namespace App\Apiary\Days;

use App\Apiary\Hives\YardState;
use Marjoram\Core\Lifting\LiftHeights;
use Marjoram\Core\Lifting\Lifting;
use Marjoram\Core\Lifting\LiftResult;

/** What it takes to lift each box of a yard from where it stands to the truck. */
final class Lifts
{
    /** @return array<string, LiftResult> by box id */
    public static function of(YardState $yard): array
    {
        $lifting = new Lifting;
        $heights = new LiftHeights;
        $lifts = [];
        foreach ($yard->hives as $hive) {
            $cm = $heights->standCm;
            foreach ($hive->boxes as $box) {
                $height = $box->fitted->kind->externalHeightMm;
                $from = min(300.0, $cm + 0.05 * $height);
                $lifts[$box->id] = $lifting->assess(
                    $heights->ontoBed($box->grossKg, $from, $box->fitted->kind->externalWidthMm),
                );
                $cm += $height / 10.0;
            }
        }

        return $lifts;
    }
}
