<?php

declare(strict_types=1);

namespace App\Api\Calculations;

use App\Api\Calculation;
use App\Words\Wording;
use Marjoram\Core\Comb\FittedBox;
use Marjoram\Core\Json\Fields;
use Marjoram\Core\Json\Values;
use Marjoram\Core\Ripeness\NectarFlow;
use Marjoram\Core\Ripeness\NextStep;
use Marjoram\Core\Ripeness\Ripeness as Core;
use Marjoram\Core\Ripeness\RipenessPolicy;
use Marjoram\Core\Ripeness\RipenessResult;
use Marjoram\Core\Ripeness\RipenessSchool;
use Marjoram\Core\Ripeness\Shake;
use Marjoram\Core\Ripeness\SlotEstimate;
use Marjoram\Core\Ripeness\Super;

final class RipenessCalculation implements Calculation
{
    public function run(Fields $input): array
    {
        $box = new FittedBox($input->one('box', Values::kind(...)), $input->optionalWhole('frames_fitted'));
        $p = $input->part('policy');
        $policy = new RipenessPolicy(
            RipenessSchool::from($p->text('school', RipenessSchool::CappedAndRefractometer->value)),
            $p->number('capped_min', 0.75),
            $p->number('water_max_pct', 18.0),
            $p->number('confidence', 0.8),
            $p->flag('heather'),
        );
        $super = new Super(
            $box,
            $input->each('frames', Values::frame(...)),
            Shake::tryFrom($input->text('shake')),
            $input->each('readings', Values::reading(...)),
            $input->flag('excluder', true),
            NectarFlow::from($input->text('flow', 'unknown')),
            $input->flag('dry_room'),
            $input->flag('can_rearrange', true),
            $input->optional('days_since_last'),
            $input->optional('last_capped_share'),
            $input->flag('under_capped'),
            $input->optional('days_since_empty'),
            paintingSd: $input->number('painting_sd', 0.08),
            hasRefractometer: $input->flag('refractometer', true),
            instrumentChecked: $input->flag('instrument_checked'),
            weight: $input->has('weight') ? $input->one('weight', Values::boxWeight(...)) : null,
        );

        return self::out((new Core)->judge($super, $policy));
    }

    /** @return array<string, mixed> */
    private static function out(RipenessResult $result): array
    {
        $say = Wording::forPrograms();

        return [
            'verdict' => $result->verdict->value,
            'p_policy_met' => $result->pPolicyMet,
            'capped_share' => $result->box->cappedShare,
            'capped_share_sd' => $result->box->sd(),
            'capped_share_range80' => $result->box->cappedShare === null ? null : $result->box->shareRange,
            'capped_share_needed' => $result->cappedNeeded,
            'p_capped_ok' => $result->pCapped,
            'honey_kg' => $result->box->honey->kg,
            'honey_sd_kg' => $result->box->honey->sdKg(),
            'honey_range80_kg' => $result->box->kgRange,
            'water_pct' => $result->water->meanPct,
            'water_sd_pct' => $result->water->sdPct,
            'p_water_ok' => $result->water->pAtMost,
            'look_next' => $result->next === null ? null : self::look($result->next),
            'next_step' => $result->next === null ? null : self::step($result->next),
            'wait_days' => $result->waitDays,
            'frames' => array_map(
                static fn (SlotEstimate $slot): array => [
                    'slot' => $slot->slot,
                    'seen' => $slot->seen,
                    'capped_share' => $slot->cappedShare,
                    'fill' => $slot->fill,
                    'honey_kg' => $slot->honey->kg,
                    'p_built' => $slot->built,
                    'ripe' => $result->ripe[$slot->slot],
                ],
                $result->box->slots,
            ),
            'reasons' => $say->statements($result->reasons),
            'cautions' => $say->statements($result->cautions),
        ];
    }

    /** @return array<string, mixed> */
    private static function look(NextStep $next): array
    {
        return $next->isReading() ? ['reading' => true] : ['slot' => $next->slot];
    }

    /** @return array<string, mixed> */
    private static function step(NextStep $next): array
    {
        return [
            'kind' => $next->isReading() ? 'reading' : 'frame',
            'slot' => $next->slot,
            'gain' => $next->gain,
            'gain_kg' => $next->gainKg,
            'plan' => ['frames' => $next->frames, 'readings' => $next->readings],
            'minutes' => $next->minutes(),
        ];
    }
}
