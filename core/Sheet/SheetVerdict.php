<?php

declare(strict_types=1);

namespace Marjoram\Core\Sheet;

use Marjoram\Core\Hives\JudgedBox;
use Marjoram\Core\Ripeness\SlotEstimate;
use Marjoram\Core\Statement;

/** What is said of a box to a page's script. */
final class SheetVerdict
{
    private const DECIMALS = 6;

    /**
     * Machines round exponentials each in its own way, in the last digits: what is said ends before them, so that a
     * phone and a server say the same to the last digit.
     *
     * @return array<string, mixed> as it crosses from the core to a page's script
     */
    public static function json(JudgedBox $box): array
    {
        $it = $box->ripeness;
        $said = static fn (?float $value): ?float => $value === null ? null : round($value, self::DECIMALS);
        $what = static fn (Statement $one): array => [
            'what' => $one->what->value,
            'figures' => array_map(
                static fn (float|int $value): float|int => is_float($value) ? round($value, self::DECIMALS) : $value,
                array_filter($one->figures, static fn (mixed $value): bool => is_float($value) || is_int($value)),
            ),
        ];

        return [
            'id' => $box->id,
            'verdict' => $it->verdict->value,
            'p_policy_met' => $said($it->pPolicyMet),
            'capped_share' => $said($it->box->cappedShare),
            'capped_range' => array_map($said, $it->box->shareRange),
            'water_pct' => $said($it->water->meanPct),
            'water_range_pct' => array_map($said, $it->water->range()),
            'water_read_pct' => $said($it->water->readPct),
            'honey_kg' => $said($box->honey->kg),
            'sd_kg' => $said($box->honey->sdKg()),
            'honey_range_kg' => array_map($said, $it->box->kgRange),
            'gross_kg' => $said($box->grossKg),
            'kg_a_minute' => $said($it->kgAMinute()),
            'look_next' => $it->next === null ? null : $it->next->slot ?? 'reading',
            'wait_days' => $it->waitDays,
            'reasons' => array_map($what, $it->reasons),
            'cautions' => array_map($what, $it->cautions),
            'slots' => array_map(
                static fn (SlotEstimate $slot): array => [
                    'slot' => $slot->slot,
                    'seen' => $slot->seen,
                    'capped_share' => $said($slot->cappedShare),
                    'weight' => $said($slot->fill),
                    'ripe' => $it->ripe[$slot->slot] ?? false,
                ],
                $it->box->slots,
            ),
        ];
    }
}
