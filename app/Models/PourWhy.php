<?php

declare(strict_types=1);

namespace App\Models;

/** Where honey out of a bucket goes. */
enum PourWhy: string
{
    case Batch = 'batch';
    case Spill = 'spill';
    case Bees = 'bees';
    case Baking = 'baking';
    case Mead = 'mead';
    case Bulk = 'bulk';

    /** @return array<string, string> those that a keeper chooses of a bucket, in words */
    public static function away(): array
    {
        return [
            self::Bees->value => __('saved for the bees'),
            self::Baking->value => __('for baking'),
            self::Mead->value => __('for mead'),
            self::Bulk->value => __('given away in the bucket'),
            self::Spill->value => __('spilled'),
        ];
    }
}
