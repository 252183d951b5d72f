<?php

declare(strict_types=1);

namespace App\Models;

use App\Records\Bearing;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * One frame as it was seen: the shares of its two faces, in one small record that a phone may make.
 *
 * @property string $assessment_id
 * @property int $slot
 * @property float $a_capped
 * @property float $a_open
 * @property float $a_brood
 * @property float $a_pollen
 * @property float $b_capped
 * @property float $b_open
 * @property float $b_brood
 * @property float $b_pollen
 * @property bool $glanced  taken as like another frame of its box, not pulled
 * @property Assessment $assessment
 */
final class FrameLook extends \App\Records\Record
{
    protected $attributes = ['version' => 1, 'glanced' => false];

    protected $casts = [
        'glanced' => 'boolean',
        'a_capped' => 'float',
        'a_open' => 'float',
        'a_brood' => 'float',
        'a_pollen' => 'float',
        'b_capped' => 'float',
        'b_open' => 'float',
        'b_brood' => 'float',
        'b_pollen' => 'float',
    ];

    /** @return BelongsTo<Assessment, $this> */
    public function assessment(): BelongsTo
    {
        return $this->belongsTo(Assessment::class);
    }

    public function label(): string
    {
        return __('frame :n', ['n' => $this->slot]);
    }

    public function bearsOn(): Bearing
    {
        return Scope::bearingOfHive(Assessment::withBinned()->whereKey($this->assessment_id)->value('hive_id'));
    }
}
