<?php

declare(strict_types=1);

namespace App\Models;

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
final class BoxKindRow extends \App\Records\Record
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
}
