<?php

declare(strict_types=1);

namespace App\Models;

use App\Foundation\Writes\Record;

/**
 * The correction that a person has put on their estimates of capped area; inspections carry it while it is in force.
 *
 * @property string $user_id
 * @property float $offset
 * @property float $slope
 * @property int $tries
 */
final class Eye extends Record
{
    protected $attributes = ['version' => 1];

    protected $casts = ['offset' => 'float', 'slope' => 'float', 'tries' => 'integer'];

    public function label(): string
    {
        return __('correction of the eye');
    }
}
