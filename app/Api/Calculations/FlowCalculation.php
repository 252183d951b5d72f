<?php

declare(strict_types=1);

namespace App\Api\Calculations;

use App\Api\Calculation;
use App\Api\FlowFilterAnswer;
use App\Api\InstantText;
use App\Words\Wording;
use Marjoram\Core\Flow\Evidence;
use Marjoram\Core\Flow\Flow as Core;
use Marjoram\Core\Flow\ScaleReading;
use Marjoram\Core\Flow\ScaleStep;
use Marjoram\Core\Flow\Sign;
use Marjoram\Core\Json\Fields;

final class FlowCalculation implements Calculation
{
    public function run(Fields $input): array
    {
        if ($input->text('model', 'rule') === 'filter') {
            return (new FlowFilterAnswer)->to($input);
        }
        $result = (new Core)->assess(
            $input->each(
                'readings',
                static fn (Fields $one): ScaleReading => new ScaleReading(
                    InstantText::of($one->text('at'), '/at'),
                    $one->number('kg'),
                ),
            ),
            $input->each(
                'evidence',
                static fn (Fields $one): Evidence => new Evidence(
                    Sign::from($one->text('sign')),
                    $one->text('result'),
                    InstantText::of($one->text('at'), '/at'),
                ),
            ),
            InstantText::of($input->text('now'), '/now'),
            InstantText::days($input->texts('moves'), '/moves'),
        );

        return [
            'days' => array_map(
                static fn (string $date, ?float $gain): array => ['date' => $date, 'gain_kg' => $gain],
                array_keys($result->gainKgByDate),
                array_values($result->gainKgByDate),
            ),
            'manipulations' => array_map(
                static fn (ScaleStep $step): array => ['at' => $step->at->format(DATE_ATOM), 'step_kg' => $step->kg],
                $result->manipulations,
            ),
            'mean5_kg_per_day' => $result->meanKgPerDay,
            'phase' => $result->phase->value,
            'p_over' => $result->pOver,
            'reasons' => Wording::forPrograms()->statements($result->reasons),
        ];
    }
}
