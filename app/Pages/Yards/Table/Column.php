<?php

declare(strict_types=1);

namespace App\Pages\Yards\Table;

/** A column of a table of hives, with the words by which its heading is known. */
enum Column: string
{
    case Code = 'code';
    case Yard = 'yard';
    case Latitude = 'latitude';
    case Longitude = 'longitude';
    case BroodKind = 'brood kind';
    case BroodBoxes = 'brood boxes';
    case SuperKind = 'super kind';
    case Supers = 'supers';
    case Queen = 'queen';
    case Year = 'year';
    case Line = 'line';
    case Mother = 'mother';

    private const ALSO = [
        'hive' => self::Code,
        'hive code' => self::Code,
        'apiary' => self::Yard,
        'lat' => self::Latitude,
        'lon' => self::Longitude,
        'lng' => self::Longitude,
        'brood' => self::BroodKind,
        'brood box' => self::BroodKind,
        'super' => self::SuperKind,
        'super box' => self::SuperKind,
        'number of supers' => self::Supers,
        'queen code' => self::Queen,
        'queen year' => self::Year,
        "queen's year" => self::Year,
        'queen line' => self::Line,
        'mother queen' => self::Mother,
    ];

    public static function named(string $heading): ?self
    {
        $words = trim((string) preg_replace('/[\s_]+/', ' ', mb_strtolower($heading)));

        return self::tryFrom($words) ?? self::ALSO[$words] ?? null;
    }
}
