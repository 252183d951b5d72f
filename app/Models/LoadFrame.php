<?php

declare(strict_types=1);

namespace App\Models;

use App\Foundation\Writes\Record;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A frame in a slot of the rotor; one without a super is a spun one that balances.
 *
 * @property string $extractor_load_id
 * @property string|null $taken_super_id
 * @property int $frame  its slot in its super
 * @property int $slot  of the rotor, from 1
 * @property float $grams
 * @property float $honey_kg
 * @property float $first_kg  of it, on the side that faces out first
 * @property bool $fresh
 * @property TakenSuper|null $super
 * @property ExtractorLoad|null $run
 */
final class LoadFrame extends Record
{
    protected $attributes = [
        'version' => 1,
        'taken_super_id' => null,
        'honey_kg' => 0,
        'first_kg' => 0,
        'fresh' => false,
    ];

    protected $casts = [
        'frame' => 'integer',
        'slot' => 'integer',
        'grams' => 'float',
        'honey_kg' => 'float',
        'first_kg' => 'float',
        'fresh' => 'boolean',
    ];

    /** @return BelongsTo<TakenSuper, $this> */
    public function super(): BelongsTo
    {
        return $this->belongsTo(TakenSuper::class, 'taken_super_id');
    }

    /** @return BelongsTo<ExtractorLoad, $this> */
    public function run(): BelongsTo
    {
        return $this->belongsTo(ExtractorLoad::class, 'extractor_load_id');
    }

    public function label(): string
    {
        return __('frame in the extractor');
    }
}
