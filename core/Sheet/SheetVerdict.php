<?php

declare(strict_types=1);

namespace Marjoram\Core\Sheet;

use Marjoram\Core\Ripeness\BoxHoney;
use Marjoram\Core\Ripeness\RipenessResult;
use Marjoram\Core\Ripeness\SlotEstimate;
use Marjoram\Core\Statement;

/** What a box's sheet says of it. */
final readonly class SheetVerdict
{
    public function __construct(
        public string $id,
        public RipenessResult $ripeness,
        public BoxHoney $honey,
    ) {
    }

    /** @return array<string, mixed> as it crosses from the core to a page's script */
    public function toJson(): array
    {
        $it = $this->ripeness;
        $what = static fn (Statement $one): array => [
            'what' => $one->what->value,
            'figures' => array_filter($one->figures, is_numeric(...)),
        ];

        return [
            'id' => $this->id,
            'verdict' => $it->verdict->value,
            'p_policy_met' => $it->pPolicyMet,
            'capped_share' => $it->box->cappedShare,
            'capped_share_sd' => $it->box->sd,
            'water_pct' => $it->water->meanPct,
            'water_sd_pct' => $it->water->sdPct,
            'water_measured' => $it->water->measured,
            'honey_kg' => $this->honey->honeyKg,
            'sd_kg' => $this->honey->sdKg,
            'gross_kg' => $this->honey->grossKg,
            'kg_in_doubt' => $it->kgInDoubt($this->honey->honeyKg),
            'look_next' => $it->lookNext,
            'wait_days' => $it->waitDays,
            'reasons' => array_map($what, $it->reasons),
            'cautions' => array_map($what, $it->cautions),
            'slots' => array_map(
                static fn (SlotEstimate $slot): array => [
                    'slot' => $slot->slot,
                    'seen' => $slot->seen,
                    'capped_share' => $slot->cappedShare,
                    'weight' => $slot->weight,
                    'ripe' => $it->ripe[$slot->slot] ?? false,
                ],
                $it->box->slots,
            ),
        ];
    }
}
