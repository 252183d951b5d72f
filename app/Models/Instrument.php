<?php

declare(strict_types=1);

namespace App\Models;

use App\Foundation\Writes\Record;

/**
 * A refractometer, with the offset that its last check found.
 *
 * @property string $name
 * @property string $scale
 * @property bool $compensated
 * @property float $offset
 * @property float|null $offset_sd
 * @property \Illuminate\Support\Carbon|null $checked_on
 * @property string|null $address  of an instrument that can be read by the application
 */
final class Instrument extends Record
{
    protected $attributes = [
        'version' => 1,
        'offset' => 0,
        'offset_sd' => null,
        'checked_on' => null,
        'address' => null,
    ];

    protected $casts = [
        'compensated' => 'boolean',
        'offset' => 'float',
        'offset_sd' => 'float',
        'checked_on' => 'date',
    ];

    public function label(): string
    {
        return $this->name;
    }
}
