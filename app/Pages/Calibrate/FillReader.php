<?php

declare(strict_types=1);

namespace App\Pages\Calibrate;

use App\Apiary\Hives\BoxKindReader;
use App\Apiary\Operation\CurrentOperation;
use App\Apiary\Operation\Policy;
use App\Models\BoxWeighing;
use App\Models\TakenSuper;
use Marjoram\Core\Calibration\FillCalibration;
use Marjoram\Core\Calibration\Weighing;

/** Own weighings by kind of box: of frames and boxes weighed for it, and of supers weighed in the honey room. */
final readonly class FillReader
{
    public function __construct(private CurrentOperation $current, private BoxKindReader $kinds)
    {
    }

    /** @return array<string, KindFill> by kind, those with weighings */
    public function read(): array
    {
        $fill = Policy::of($this->current->get())->fill;
        $weighings = [];
        foreach (BoxWeighing::query()->orderBy('weighed_on')->get() as $one) {
            $weighings[$one->kind][] = self::weighing(
                $one->estimate_kg,
                $one->own_sd_kg,
                $one->before_kg - $one->after_kg,
            );
        }
        foreach (
            TakenSuper::query()->whereNotNull('before_kg')->whereNotNull('after_kg')->with('box')->get() as $super
        ) {
            // As it would have been estimated by the fill that is presumed.
            $factor = $super->frozen->fill($fill->capped) / $fill->capped;
            $weighings[$super->box->kind][] = self::weighing(
                $super->estimate_kg / $factor,
                $super->own_sd_kg / $factor,
                (float) $super->before_kg - (float) $super->after_kg,
            );
        }
        $fills = [];
        foreach ($weighings as $kind => $of) {
            $known = array_values(array_filter($of));
            $fills[$kind] = new KindFill($this->kinds->get($kind), FillCalibration::of($known), $known, $fill);
        }
        ksort($fills);

        return $fills;
    }

    /** An estimate below 0.1 kg says nothing of a fill and is left out. */
    private static function weighing(float $estimate, float $sd, float $weighed): ?Weighing
    {
        return $estimate < 0.1 || $estimate > 100.0 || $weighed < 0.0 || $weighed > 100.0
            ? null
            : new Weighing($estimate, min(100.0, max(0.0, $sd)), $weighed);
    }
}
