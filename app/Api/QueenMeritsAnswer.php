<?php

declare(strict_types=1);

namespace App\Api;

use Marjoram\Core\Json\Fields;
use Marjoram\Core\Yields\Merit\Merits;
use Marjoram\Core\Yields\Merit\QueenMerit;
use Marjoram\Core\Yields\Merit\QueenModel;
use Marjoram\Core\Yields\Merit\YieldScale;
use Marjoram\Core\Yields\YieldRecord;

/** What of the yields is the queen, as JSON. */
final class QueenMeritsAnswer
{
    /**
     * @param  list<YieldRecord>  $records
     * @return array<string, mixed>
     */
    public function to(Fields $input, array $records): array
    {
        $scale = YieldScale::from($input->text('scale', YieldScale::Kg->value));
        $alive = $input->has('alive')
            ? $input->texts('alive')
            : null;
        $found = (new QueenModel($input->number('top_share', 0.1)))->fit(
            $records,
            array_filter($input->part('mothers')->all(), is_string(...)),
            $scale,
            $alive,
        );
        $mean = array_sum(array_map(static fn (YieldRecord $one): float => $one->kg, $records)) / count($records);

        return [
            'su2' => $found->queens,
            'se2' => $found->rest,
            'repeatability' => $found->repeatability(),
            'reml_criterion' => $found->criterion,
            'fixed' => $found->fixed,
            'dropped' => $found->dropped,
            'skewness' => $found->skewness,
            'queens' => array_map(
                static fn (QueenMerit $one): array => self::queen($one, $found, $mean),
                $found->all,
            ),
        ];
    }

    /** @return array<string, mixed> */
    private static function queen(QueenMerit $one, Merits $found, float $meanKg): array
    {
        return [
            'queen' => $one->queen,
            'records' => $one->records,
            'daughters' => $one->daughters,
            'blup_kg' => $found->scale->merit($one->merit, $meanKg),
            'blup' => $one->merit,
            'pev_sd' => $one->sd,
            'p_top' => $one->pTop,
            'p_below_mean' => $one->pBelow,
            'advice' => $one->advice->value,
        ];
    }
}
