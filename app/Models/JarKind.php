<?php

declare(strict_types=1);

namespace App\Models;

use App\Foundation\Writes\Record;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * A kind of jar: what it holds, how many stand empty, how many are ordered.
 *
 * @property string $name
 * @property int $net_g
 * @property int $stock
 * @property int $ordered
 * @property float|null $price
 */
final class JarKind extends Record
{
    protected $attributes = [
        'version' => 1,
        'stock' => 0,
        'ordered' => 0,
        'price' => null,
    ];

    protected $casts = [
        'net_g' => 'integer',
        'stock' => 'integer',
        'ordered' => 'integer',
        'price' => 'float',
    ];

    /** @return HasMany<JarFill, $this> */
    public function fills(): HasMany
    {
        return $this->hasMany(JarFill::class);
    }

    public function label(): string
    {
        return $this->name;
    }
}
