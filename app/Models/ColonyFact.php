<?php

declare(strict_types=1);

namespace App\Models;

use App\Foundation\Writes\Record;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * Something that happened to a colony on a date, so that a yield finds the colony and queen that made it.
 *
 * @property string $colony_id
 * @property string $kind
 * @property \Illuminate\Support\Carbon $happened_on
 * @property string|null $hive_id
 * @property string|null $queen_id
 * @property string|null $note
 * @property Colony $colony
 * @property Queen|null $queen
 */
final class ColonyFact extends Record
{
    protected $attributes = ['version' => 1, 'hive_id' => null, 'queen_id' => null, 'note' => null];

    protected $casts = ['happened_on' => 'date'];

    /** @return BelongsTo<Colony, $this> */
    public function colony(): BelongsTo
    {
        return $this->belongsTo(Colony::class);
    }

    /** @return BelongsTo<Hive, $this> */
    public function hive(): BelongsTo
    {
        return $this->belongsTo(Hive::class);
    }

    /** @return BelongsTo<Queen, $this> */
    public function queen(): BelongsTo
    {
        return $this->belongsTo(Queen::class);
    }

    public function label(): string
    {
        return __('note about a colony');
    }

    /** What happened, in a word or two. */
    public function words(): string
    {
        return $this->kind === 'confirmed' ? __('queen confirmed') : __($this->kind);
    }

    public const KINDS = ['settled', 'moved', 'split', 'swarmed', 'requeened', 'united', 'died', 'confirmed'];

    /** Those that a person notes by themselves; the others follow from what is done elsewhere. */
    public const NOTED = ['settled', 'split', 'swarmed', 'united', 'died', 'confirmed'];
}
