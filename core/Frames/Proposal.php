<?php

declare(strict_types=1);

namespace Marjoram\Core\Frames;

/** Which frames of a hive come off: the ripest first, the heavier of two alike, as long as winter's share stays. */
final class Proposal
{
    /**
     * @param  list<OfferedFrame>  $frames  of one hive
     * @param  float  $spareKg  that the hive can do without
     * @return list<string> ids, as the frames were given
     */
    public static function of(array $frames, float $spareKg): array
    {
        $free = array_values(array_filter($frames, static fn (OfferedFrame $one): bool => $one->isFree()));
        usort($free, static fn (OfferedFrame $a, OfferedFrame $b): int => [$b->cappedShare ?? 0.0, $b->kg]
            <=> [$a->cappedShare ?? 0.0, $a->kg]);
        $taken = [];
        $left = $spareKg;
        foreach ($free as $frame) {
            if ($frame->kg <= $left) {
                $taken[$frame->id] = true;
                $left -= $frame->kg;
            }
        }
        $is = static fn (OfferedFrame $one): bool => isset($taken[$one->id]);

        return array_map(
            static fn (OfferedFrame $one): string => $one->id,
            array_values(array_filter($frames, $is)),
        );
    }
}
