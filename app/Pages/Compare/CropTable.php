<?php

declare(strict_types=1);

namespace App\Pages\Compare;

use App\Foundation\Units\Formatter;
use Illuminate\Support\Collection;

/** What hives gave as a table, in the reader's unit. */
final class CropTable
{
    /**
     * @param  Collection<int, Crop>  $crops
     * @return list<list<string|int|float|null>> the names of the columns first
     */
    public static function of(Collection $crops, Formatter $format): array
    {
        $unit = $format->massUnit();
        $rows = [[
            'yard',
            'hive',
            'season',
            'queen',
            'line',
            'supers',
            'frames',
            $unit,
            "sd_$unit",
            'how',
            'swarmed',
            'split',
            'first_season',
        ]];
        foreach ($crops as $one) {
            $rows[] = [
                $one->yard,
                $one->hive,
                $one->season,
                $one->queen,
                $one->line,
                $one->supers,
                $one->frames,
                round($format->massValue($one->honey->kg), 2),
                round($format->massValue($one->honey->sdKg()), 2),
                $one->how(),
                (int) $one->swarmed,
                (int) $one->split,
                (int) $one->first,
            ];
        }

        return $rows;
    }
}
