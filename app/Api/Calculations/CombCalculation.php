<?php

declare(strict_types=1);

namespace App\Api\Calculations;

use App\Api\Calculation;
use Marjoram\Core\Comb\Comb as Core;
use Marjoram\Core\Comb\CombAssumptions;
use Marjoram\Core\Comb\FittedBox;
use Marjoram\Core\Comb\FrameHoney;
use Marjoram\Core\Json\Fields;
use Marjoram\Core\Json\Values;

final class CombCalculation implements Calculation
{
    public function run(Fields $input): array
    {
        $box = new FittedBox($input->one('box', Values::kind(...)), $input->optionalWhole('frames_fitted'));
        $a = $input->part('assumptions');
        $d = new CombAssumptions;
        $assumptions = new CombAssumptions(
            $a->number('passage_mm', $d->passageMm),
            $a->number('fill_capped', $d->fillCapped),
            $a->number('fill_open', $d->fillOpen),
            $a->number('box_relative_sd', $d->boxRelativeSd),
            $a->number('face_relative_sd', $d->faceRelativeSd),
        );
        $water = $input->part('water_pct');
        $result = (new Core($assumptions))->honeyIn(
            $box,
            $input->each('frames', Values::frame(...)),
            $water->number('capped', 17.5),
            $water->number('open', 20.0),
        );

        return [
            'frames' => array_map(
                static fn (FrameHoney $one): array => [
                    'slot' => $one->slot,
                    'capped_kg' => $one->cappedKg,
                    'open_kg' => $one->openKg,
                    'honey_kg' => $one->honeyKg(),
                    'capped_share' => $one->cappedShare,
                ],
                $result->frames,
            ),
            'honey_kg' => $result->honey->kg,
            'sd_kg' => $result->honey->sdKg(),
            'capped_kg' => $result->cappedKg,
            'open_kg' => $result->openKg,
            'capped_share' => $result->cappedShare,
            'gross_kg' => $result->grossKg,
            'frames_seen' => $result->framesSeen(),
        ];
    }
}
