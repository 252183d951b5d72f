<?php

declare(strict_types=1);

namespace App\Apiary\Harvest;

use App\Apiary\Hives\BoxState;

/** What goes along with a super: how its honey lies on its frames, for the extractor and the warm room. */
final class TakenFaces
{
    /** @return array{faces: array<int, array{float, float}>, capped_share: float} shares of both faces with honey */
    public static function of(BoxState $box): array
    {
        $faces = [];
        $capped = $honey = 0.0;
        foreach ($box->slots() as $i => $slot) {
            if (! $slot->gap) {
                $faces[$i + 1] = [
                    round($slot->a->capped + $slot->a->open, 3),
                    round($slot->b->capped + $slot->b->open, 3),
                ];
                $capped += $slot->a->capped + $slot->b->capped;
                $honey += $faces[$i + 1][0] + $faces[$i + 1][1];
            }
        }

        return ['faces' => $faces, 'capped_share' => round($honey > 0.0 ? $capped / $honey : 1.0, 3)];
    }
}
