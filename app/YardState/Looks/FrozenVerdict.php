<?php

declare(strict_types=1);

namespace App\YardState\Looks;

use App\Operation\Policy;

/** A verdict as it was when a person acted on it: its reasons, its figures and the version of its assumptions. */
final class FrozenVerdict
{
    /** @return array<string, mixed> */
    public static function of(\App\YardState\BoxState $box, Policy $policy): array
    {
        return [
            'verdict' => $box->verdict()->value,
            'p_policy_met' => round($box->ripeness->pPolicyMet, 4),
            'capped_share' => $box->ripeness->box->cappedShare === null ? null : round($box->ripeness->box->cappedShare, 4),
            'water_pct' => round($box->ripeness->water->meanPct, 2),
            'water_measured' => $box->ripeness->water->measured,
            'honey_kg' => round($box->honey->honeyKg, 3),
            'sd_kg' => round($box->honey->sdKg, 3),
            'fill_factor' => $policy->fillOf($box->fitted->kind->key)[0],
            'fill_capped' => $policy->number('fill_capped'),
            'frames_seen' => $box->seen(),
            'look' => $box->look->latest?->id,
            'reasons' => $box->ripeness->sentences(),
            'policy' => $policy->stamp(),
        ];
    }
}
