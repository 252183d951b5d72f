<?php

declare(strict_types=1);

namespace App\Models;

use App\Foundation\Writes\Record;
use DateTimeImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Facades\Auth;

/**
 * Something noted of a hive in the yard: a few words, that the queen was seen, a photograph.
 *
 * @property string $hive_id
 * @property string|null $box_id
 * @property string|null $user_id
 * @property 'note'|'queen-seen'|'photo' $what
 * @property string $text
 * @property \Carbon\CarbonImmutable $noted_at
 * @property Hive $hive
 */
final class HiveNote extends Record
{
    public const WHAT = ['note', 'queen-seen'];

    protected $attributes = ['version' => 1, 'box_id' => null, 'user_id' => null, 'text' => ''];

    protected $casts = ['noted_at' => 'immutable_datetime'];

    /** By whoever is signed in; the moment in UTC. */
    public static function keep(string $hive, ?string $box, string $what, string $text, DateTimeImmutable $at): self
    {
        return self::query()->create([
            'hive_id' => $hive,
            'box_id' => $box,
            'user_id' => Auth::id(),
            'what' => $what,
            'text' => $text,
            'noted_at' => $at,
        ]);
    }

    /** @return BelongsTo<Hive, $this> */
    public function hive(): BelongsTo
    {
        return $this->belongsTo(Hive::class);
    }

    public function label(): string
    {
        return __('note about a hive');
    }

    /** What it says, in words. */
    public function words(): string
    {
        $said = match ($this->what) {
            'queen-seen' => __('queen seen'),
            'photo' => __('photograph'),
            default => '',
        };

        return implode(': ', array_filter([$said, $this->text]));
    }
}
