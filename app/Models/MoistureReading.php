<?php

declare(strict_types=1);

namespace App\Models;

use App\Foundation\Writes\Record;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Marjoram\Core\Moisture\CellsRead;
use Marjoram\Core\Moisture\Reading;
use Marjoram\Core\Moisture\RefractometerScale;

/**
 * One value of a refractometer, as read.
 *
 * @property string|null $assessment_id
 * @property string|null $lot_id
 * @property string|null $instrument_id
 * @property string $scale
 * @property float $value
 * @property float $temperature_c
 * @property bool $compensated
 * @property float $offset
 * @property CellsRead|null $cells  null where nobody said
 * @property \Illuminate\Support\Carbon $read_at
 * @property Assessment|null $assessment
 * @property Instrument|null $instrument
 */
final class MoistureReading extends Record
{
    protected $attributes = [
        'version' => 1,
        'assessment_id' => null,
        'lot_id' => null,
        'instrument_id' => null,
        'offset' => 0,
        'cells' => null,
        'temperature_c' => 20,
    ];

    protected $casts = [
        'value' => 'float',
        'temperature_c' => 'float',
        'compensated' => 'boolean',
        'offset' => 'float',
        'cells' => CellsRead::class,
        'read_at' => 'immutable_datetime',
    ];

    /** @return BelongsTo<Assessment, $this> */
    public function assessment(): BelongsTo
    {
        return $this->belongsTo(Assessment::class);
    }

    /** @return BelongsTo<Instrument, $this> */
    public function instrument(): BelongsTo
    {
        return $this->belongsTo(Instrument::class);
    }

    public function label(): string
    {
        return __('moisture reading');
    }

    /** As the core reads it. */
    public function reading(): Reading
    {
        return new Reading(
            RefractometerScale::from($this->scale),
            $this->value,
            $this->temperature_c,
            $this->compensated,
            (float) $this->offset,
            of: $this->cells,
        );
    }
}
