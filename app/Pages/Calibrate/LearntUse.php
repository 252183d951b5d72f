<?php

declare(strict_types=1);

namespace App\Pages\Calibrate;

use Marjoram\Core\Reserve\UseCalibration;

/** What the weighings of last winter say of the use of stores. */
final readonly class LearntUse
{
    /** @param  list<MeasuredWinterUse>  $hives */
    public function __construct(public UseCalibration $learnt, public array $hives)
    {
    }
}
