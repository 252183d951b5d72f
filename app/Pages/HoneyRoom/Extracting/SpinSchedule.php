<?php

declare(strict_types=1);

namespace App\Pages\HoneyRoom\Extracting;

use App\Models\ExtractorLoad;
use App\Models\LoadFrame;
use App\Models\Operation;
use Marjoram\Core\InvalidInput;
use Marjoram\Core\Spin\Extractor;
use Marjoram\Core\Spin\SpinFrame;
use Marjoram\Core\Spin\Spinning;
use Marjoram\Core\Spin\SpinStep;
use Marjoram\Core\Viscosity\Viscosity;

/** How a load is spun in the extractor of an operation. */
final readonly class SpinSchedule
{
    private Extractor $extractor;

    public function __construct(Operation $operation, int $slots)
    {
        $this->extractor = new Extractor(
            $slots,
            $operation->extractor_radial,
            $operation->extractor_radius_cm,
            $operation->extractor_rpm,
            $operation->extractor_force_n,
        );
    }

    /**
     * @return list<SpinStep>
     *
     * @throws InvalidInput
     */
    public function of(ExtractorLoad $load): array
    {
        $frames = $load->frames->map(static fn (LoadFrame $one): SpinFrame => new SpinFrame(
            $one->slot,
            max($one->grams, 1000.0 * $one->honey_kg),
            $one->fresh,
            $one->first_kg,
            max(0.0, $one->honey_kg - $one->first_kg),
        ));

        return $this->steps(array_values($frames->all()), $load->celsius, $load->water_pct);
    }

    /**
     * @param  list<SpinFrame>  $frames
     * @return list<SpinStep>
     */
    public function steps(array $frames, float $celsius, float $waterPct): array
    {
        return $frames === [] ? [] : (new Spinning)->plan(
            $this->extractor,
            $frames,
            self::within($celsius, Viscosity::LEAST_C, Viscosity::MOST_C),
            self::within($waterPct, Viscosity::LEAST_WATER_PCT, Viscosity::MOST_WATER_PCT),
        );
    }

    /** The nearest row of the tables. */
    private static function within(float $value, float $least, float $most): float
    {
        return max($least, min($most, $value));
    }
}
