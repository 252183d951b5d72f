<?php

declare(strict_types=1);

namespace App\YardState\Looks;

use App\Models\MoistureReading;
use Marjoram\Core\Comb\FittedBox;
use Marjoram\Core\Moisture\Reading;
use Marjoram\Core\Moisture\Scale;
use Marjoram\Core\Ripeness\NectarFlow;
use Marjoram\Core\Ripeness\Shake;
use Marjoram\Core\Ripeness\Super;

/** From what was recorded of a super to the core's question. */
final class SuperMapper
{
    public static function super(
        FittedBox $box,
        Look $look,
        bool $excluder,
        NectarFlow $flow,
        bool $dryRoom,
        bool $canRearrange,
        bool $underCapped = false,
    ): Super {
        $frames = array_values(
            array_filter(
                $look->frames,
                static fn (int $slot): bool => $slot <= $box->framesFitted,
                ARRAY_FILTER_USE_KEY,
            ),
        );

        return new Super(
            $box,
            $frames,
            Shake::tryFrom($look->latest->shake ?? ''),
            array_map(self::reading(...), $look->readings),
            $excluder,
            $flow,
            $dryRoom,
            $canRearrange,
            $look->lastCappedShare === null ? null : $look->daysSinceLast,
            $look->lastCappedShare,
            $underCapped,
        );
    }

    public static function reading(MoistureReading $reading): Reading
    {
        return new Reading(
            Scale::from($reading->scale),
            $reading->value,
            $reading->temperature_c,
            $reading->compensated,
            (float) $reading->offset,
        );
    }
}
