<?php

declare(strict_types=1);

namespace App\Models;

use App\Foundation\Writes\Record;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Marjoram\Core\HoneyRoom\Prepack;
use Marjoram\Core\HoneyRoom\PrepackResult;

/**
 * Jars of a kind filled from a batch.
 *
 * @property string $batch_id
 * @property string $jar_kind_id
 * @property int $count
 * @property \Illuminate\Support\Carbon $filled_on
 * @property \Illuminate\Support\Carbon $best_before
 * @property list<float>|null $weights  g, net, of those weighed
 * @property Batch $batch
 * @property JarKind $kind
 * @property \Illuminate\Database\Eloquent\Collection<int, JarMove> $moves
 */
final class JarFill extends Record
{
    protected $attributes = [
        'version' => 1,
        'weights' => null,
    ];

    protected $casts = [
        'count' => 'integer',
        'filled_on' => 'date',
        'best_before' => 'date',
        'weights' => 'array',
    ];

    /** @return BelongsTo<Batch, $this> */
    public function batch(): BelongsTo
    {
        return $this->belongsTo(Batch::class);
    }

    /** @return BelongsTo<JarKind, $this> */
    public function kind(): BelongsTo
    {
        return $this->belongsTo(JarKind::class, 'jar_kind_id');
    }

    /** @return HasMany<JarMove, $this> */
    public function moves(): HasMany
    {
        return $this->hasMany(JarMove::class)->orderBy('id');
    }

    /** Jars of it that are still on the shelf. */
    public function onShelf(): int
    {
        return $this->count - array_sum($this->moves->pluck('count')->all());
    }

    /** Whether those weighed hold what they say; null where none was. */
    public function prepack(): ?PrepackResult
    {
        return $this->weights === null || $this->weights === []
            ? null
            : (new Prepack)->check((float) $this->kind->net_g, $this->weights);
    }

    public function kg(): float
    {
        return $this->count * $this->kind->net_g / 1000.0;
    }

    public function label(): string
    {
        return __('jars filled');
    }
}
