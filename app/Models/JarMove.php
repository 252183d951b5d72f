<?php

declare(strict_types=1);

namespace App\Models;

use App\Foundation\Writes\Record;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * Jars that left the shelf, and to whom, where that was noted.
 *
 * @property string $jar_fill_id
 * @property int $count
 * @property string $whom
 * @property \Illuminate\Support\Carbon $moved_on
 * @property JarFill $filling
 */
final class JarMove extends Record
{
    protected $attributes = [
        'version' => 1,
        'whom' => '',
    ];

    protected $casts = [
        'count' => 'integer',
        'moved_on' => 'date',
    ];

    /** @return BelongsTo<JarFill, $this> */
    public function filling(): BelongsTo
    {
        return $this->belongsTo(JarFill::class, 'jar_fill_id');
    }

    public function label(): string
    {
        return __('jars given out');
    }
}
