<?php

declare(strict_types=1);

namespace App\Pages\Assess;

use App\Models\Assessment;
use App\Models\Instrument;
use App\Models\MoistureReading;
use DateTimeImmutable;
use DateTimeZone;
use Marjoram\Core\Moisture\Reading;

/** A refractometer's reading, as read, with the look that it belongs to. */
final class KeepReading
{
    public function of(Assessment $look, Reading $reading, ?Instrument $instrument, DateTimeImmutable $at): void
    {
        MoistureReading::query()->create([
            'assessment_id' => $look->id,
            'instrument_id' => $instrument?->id,
            'scale' => $reading->scale->value,
            'value' => $reading->value,
            'temperature_c' => $reading->temperatureC,
            'compensated' => $reading->compensated,
            'offset' => $reading->offset,
            'cells' => $reading->of,
            'read_at' => $at->setTimezone(new DateTimeZone('UTC')),
        ]);
    }
}
