<?php

declare(strict_types=1);

namespace App\Pages\Field\Labels;

/** What a label is stuck on. */
enum LabelKind: string
{
    case Hive = 'h';
    case Box = 'b';
    case Bucket = 'k';

    public function words(): string
    {
        return match ($this) {
            self::Hive => __('Hives'),
            self::Box => __('Boxes'),
            self::Bucket => __('Buckets'),
        };
    }
}
