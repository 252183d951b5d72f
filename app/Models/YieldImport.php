<?php

declare(strict_types=1);

namespace App\Models;

use App\Foundation\Writes\Record;
use App\Foundation\Writes\StandsForMany;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * A sheet of earlier yields that was read in.
 *
 * @property string $file_name
 * @property int $rows
 * @property \Illuminate\Database\Eloquent\Collection<int, PastYield> $yields
 */
final class YieldImport extends Record implements StandsForMany
{
    protected $casts = ['rows' => 'integer'];

    /** @return HasMany<PastYield, $this> */
    public function yields(): HasMany
    {
        return $this->hasMany(PastYield::class);
    }

    public function label(): string
    {
        return trans_choice('{1} :count yield of :file|[2,*] :count yields of :file', $this->rows, ['file' => $this->file_name]);
    }
}
