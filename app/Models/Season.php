<?php

declare(strict_types=1);

namespace App\Models;

use App\Foundation\Access\Tenant;
use App\Foundation\Writes\Record;

/**
 * A season of the operation, as its keeper began and closed it.
 *
 * @property int $season  the year of the main flow
 * @property \Carbon\CarbonImmutable|null $begun_at
 * @property \Carbon\CarbonImmutable|null $closed_at
 */
final class Season extends Record
{
    protected $attributes = ['version' => 1, 'begun_at' => null, 'closed_at' => null];

    protected $casts = ['season' => 'integer', 'begun_at' => 'immutable_datetime', 'closed_at' => 'immutable_datetime'];

    /** The record of that season, held until the write is done; a new one where there is none. */
    public static function held(int $season): self
    {
        // Two people may close it at once: the second waits, and sees the first's.
        Operation::query()->whereKey(app(Tenant::class)->mustBe())->lockForUpdate()->value('id');

        return self::query()->where('season', $season)->lockForUpdate()->first() ?? new self(['season' => $season]);
    }

    public function label(): string
    {
        return __('season :year', ['year' => $this->season]);
    }
}
