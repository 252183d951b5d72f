<?php

declare(strict_types=1);

namespace App\Models;

use App\Foundation\Writes\Record;

/**
 * What a hive gave in a season before it was kept here, as it was noted.
 *
 * @property string|null $yield_import_id
 * @property string $yard  its name
 * @property string $hive  its code
 * @property int $season
 * @property string|null $queen  her code
 * @property float $kg
 * @property bool $swarmed
 * @property bool $split
 */
final class PastYield extends Record
{
    protected $attributes = [
        'version' => 1,
        'yield_import_id' => null,
        'queen' => null,
        'swarmed' => false,
        'split' => false,
    ];

    protected $casts = ['season' => 'integer', 'kg' => 'float', 'swarmed' => 'boolean', 'split' => 'boolean'];

    public function label(): string
    {
        return __('yield of :hive, :season', ['hive' => $this->hive, 'season' => $this->season]);
    }
}
