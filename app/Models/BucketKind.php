<?php

declare(strict_types=1);

namespace App\Models;

use App\Foundation\Writes\Record;

/**
 * A kind of bucket, with what it weighs empty.
 *
 * @property string $name
 * @property float $tare_kg
 * @property float $holds_kg
 */
final class BucketKind extends Record
{
    protected $casts = [
        'tare_kg' => 'float',
        'holds_kg' => 'float',
    ];

    public function label(): string
    {
        return $this->name;
    }
}
