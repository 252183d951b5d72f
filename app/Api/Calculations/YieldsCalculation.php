<?php

declare(strict_types=1);

namespace App\Api\Calculations;

use App\Api\Calculation;
use App\Api\QueenMeritsAnswer;
use Marjoram\Core\Json\Fields;
use Marjoram\Core\Yields\HiveIndex;
use Marjoram\Core\Yields\YardSeason;
use Marjoram\Core\Yields\YieldRecord;
use Marjoram\Core\Yields\Yields as Core;

/** The plain calculation a beekeeper checks by hand, and the model of queens. */
final class YieldsCalculation implements Calculation
{
    public function run(Fields $input): array
    {
        $records = $input->each(
            'records',
            static fn (Fields $one): YieldRecord => new YieldRecord(
                $one->text('hive'),
                $one->text('apiary'),
                (int) $one->number('season'),
                $one->has('queen') ? $one->text('queen') : null,
                $one->number('kg'),
                $one->flag('swarmed'),
                $one->flag('split'),
            ),
        );
        $core = new Core;
        $index = $core->hiveIndex($records);

        return [
            'groups' => array_map(
                static fn (YardSeason $yard): array => [
                    'apiary' => $yard->apiary,
                    'season' => $yard->season,
                    'n' => $yard->hives,
                    'producing' => $yard->producing,
                    'total_kg' => $yard->totalKg,
                    'mean_kg' => $yard->meanKg,
                    'mean_producing_kg' => $yard->meanProducingKg,
                    'change_kg' => $yard->changeKg,
                    'share_of_crop' => $yard->shareOfCrop,
                    'best' => $yard->best,
                    'worst' => $yard->worst,
                ],
                $core->byYard($records),
            ),
            'hives' => array_map(
                static fn (string|int $hive, HiveIndex $of): array => [
                    'hive' => (string) $hive,
                    'index_kg' => $of->kg,
                    'seasons' => $of->seasons,
                ],
                array_keys($index),
                array_values($index),
            ),
        ] + (new QueenMeritsAnswer)->to($input, $records);
    }
}
