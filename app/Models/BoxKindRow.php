<?php

declare(strict_types=1);

namespace App\Models;

use App\Foundation\Writes\Record;
use Marjoram\Core\Comb\BoxKind;

/**
 * A box kind of the operation's own, beside the standard ones.
 *
 * @property string $key
 * @property string $name
 * @property int $frames
 * @property float $comb_area_dm2
 * @property float $inside_width_mm
 * @property float $external_height_mm
 * @property float $external_length_mm
 * @property float $external_width_mm
 * @property float $empty_mass_kg
 */
final class BoxKindRow extends Record
{
    protected $casts = [
        'comb_area_dm2' => 'float',
        'inside_width_mm' => 'float',
        'external_height_mm' => 'float',
        'external_length_mm' => 'float',
        'external_width_mm' => 'float',
        'empty_mass_kg' => 'float',
    ];

    public function label(): string
    {
        return $this->name;
    }

    protected $table = 'box_kinds';

    public function kind(): BoxKind
    {
        return new BoxKind(
            $this->key,
            $this->name,
            $this->frames,
            $this->comb_area_dm2,
            $this->inside_width_mm,
            $this->external_height_mm,
            $this->external_length_mm,
            $this->external_width_mm,
            $this->empty_mass_kg,
        );
    }
}
