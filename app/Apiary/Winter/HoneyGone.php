<?php

declare(strict_types=1);

namespace App\Apiary\Winter;

use App\Models\FrameMove;
use App\Models\TakenSuper;

/** Honey that went out of a hive or its brood boxes, with a harvest or on a frame; below zero it came in. */
final readonly class HoneyGone
{
    /**
     * @param  string  $on  the day (Y-m-d)
     * @param  string  $notedAt  the moment at which it was noted; of one day it decides
     */
    private function __construct(
        public string $on,
        public string $notedAt,
        public float $hiveKg,
        public float $broodKg,
    ) {
    }

    public static function harvested(TakenSuper $taken, bool $ofBroodBox): self
    {
        $kg = $taken->allotted_kg ?? $taken->estimate_kg;

        return new self(
            $taken->harvest->taken_on->format('Y-m-d'),
            (string) $taken->created_at?->format('Y-m-d H:i:s'),
            $kg,
            $ofBroodBox ? $kg : 0.0,
        );
    }

    /**
     * @param  list<string>  $brood  ids of brood boxes
     * @return array<string, self> by the id of the hive
     */
    public static function moved(FrameMove $move, float $kg, array $brood): array
    {
        $from = in_array($move->from_box_id, $brood, true) ? $kg : 0.0;
        $to = in_array($move->to_box_id, $brood, true) ? $kg : 0.0;
        $of = static fn (float $hiveKg, float $broodKg): self => new self(
            $move->moved_on->format('Y-m-d'),
            substr($move->made_at, 0, 19),
            $hiveKg,
            $broodKg,
        );
        if ($move->from_hive_id !== null && $move->from_hive_id === $move->to_hive_id) {
            return [$move->from_hive_id => $of(0.0, $from - $to)];
        }

        return ($move->from_hive_id === null ? [] : [$move->from_hive_id => $of($kg, $from)])
            + ($move->to_hive_id === null ? [] : [$move->to_hive_id => $of(-$kg, -$to)]);
    }
}
