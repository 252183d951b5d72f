<?php

declare(strict_types=1);

namespace App\Apiary\Harvest;

use App\Apiary\Hives\BoxState;
use App\Apiary\Operation\Policy;
use App\Words\Wording;

/** A verdict as it was when a person acted on it: its reasons, its figures and the version of its assumptions. */
final readonly class FrozenVerdict
{
    public function __construct(private Wording $wording)
    {
    }

    /**
     * @param  list<BoxState>  $boxes
     * @return array<string, array<string, mixed>> by the id of the box
     */
    public function all(array $boxes, Policy $policy): array
    {
        return array_combine(
            array_column($boxes, 'id'),
            array_map(fn (BoxState $box): array => $this->of($box, $policy), $boxes),
        );
    }

    /** @return array<string, mixed> */
    public function of(BoxState $box, Policy $policy): array
    {
        $capped = $box->ripeness->box->cappedShare;

        return [
            'verdict' => $box->verdict()->value,
            'p_policy_met' => round($box->ripeness->pPolicyMet, 4),
            'capped_share' => $capped === null ? null : round($capped, 4),
            'water_pct' => round($box->ripeness->water->meanPct, 2),
            'water_measured' => $box->ripeness->water->measured,
            'honey_kg' => round($box->honey->kg, 3),
            'sd_kg' => round($box->honey->sdKg(), 3),
            'fill_factor' => $policy->fill->factorOf($box->fitted->kind->key)->factor,
            'fill_capped' => $policy->fill->capped,
            'frames_seen' => $box->seen(),
            'look' => $box->look->id,
            'reasons' => $this->wording->statements($box->ripeness->reasons),
            'policy' => $policy->stamp(),
        ];
    }
}
