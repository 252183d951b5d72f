<?php

declare(strict_types=1);

namespace App\Models;

use App\Foundation\Writes\Record;

/**
 * Once a day, before the first honey is poured: gate, gasket, dryness, strainer, lid.
 *
 * @property \Illuminate\Support\Carbon $checked_on
 * @property string $who
 */
final class RoomCheck extends Record
{
    protected $attributes = [
        'version' => 1,
        'who' => '',
    ];

    protected $casts = [
        'checked_on' => 'date',
    ];

    public function label(): string
    {
        return __('checklist before pouring');
    }
}
