<?php

declare(strict_types=1);

namespace App\Models;

use App\Foundation\Writes\Record;
use App\Models\Casts\AsFace;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Marjoram\Core\Comb\Face;

/**
 * One frame as it was seen: the shares of its two faces, in one small record that a phone may make.
 *
 * @property string $assessment_id
 * @property int $slot
 * @property Face $a
 * @property Face $b
 * @property bool $glanced  taken as like another frame of its box, not pulled
 * @property string|null $painted_at  to the microsecond
 * @property Assessment $assessment
 */
final class FrameLook extends Record
{
    protected $attributes = ['version' => 1, 'glanced' => false];

    protected $casts = ['glanced' => 'boolean', 'a' => AsFace::class, 'b' => AsFace::class];

    protected static function booted(): void
    {
        parent::booted();
        // A frame moved after it was painted keeps its new place. An undo keeps the time of painting.
        self::saving(static function (FrameLook $look): void {
            $shares = array_keys(AsFace::columns('a', new Face) + AsFace::columns('b', new Face));
            $isPainted = $look->isDirty([...$shares, 'glanced']);
            if ($isPainted && ! $look->isDirty('painted_at')) {
                $look->painted_at = now()->utc()->format('Y-m-d H:i:s.u');
            }
        });
    }

    /** @return BelongsTo<Assessment, $this> */
    public function assessment(): BelongsTo
    {
        return $this->belongsTo(Assessment::class);
    }

    public function label(): string
    {
        return __('frame :n', ['n' => $this->slot]);
    }

    /** @return array<string, mixed> */
    protected function theirs(): array
    {
        return ['version' => $this->version, 'a' => $this->a, 'b' => $this->b];
    }
}
