<?php

declare(strict_types=1);

namespace App\Pages\Watch\Blooms;

/**
 * What bees live on where, to choose from (common practice, from memory); a keeper writes in what is missing, and the
 * operation's own plants come first from then on.
 */
final class Plants
{
    private const SOUTH = ['Canola', 'Orange', 'Eucalyptus', 'Clover', 'Thistle', 'Manuka', 'Banksia', 'Lavender'];

    private const BY_CLIMATE = [
        'mediterranean' => ['Almond', 'Rosemary', 'Orange', 'Thyme', 'Chestnut', 'Lavender', 'Sunflower'],
        'america' => ['Maple', 'Dandelion', 'Black locust', 'Clover', 'Basswood', 'Sourwood', 'Goldenrod', 'Aster'],
        'warm' => ['Maple', 'Gallberry', 'Tupelo', 'Tulip tree', 'Sourwood', 'Clover', 'Cotton', 'Goldenrod'],
        'boreal' => ['Willow', 'Dandelion', 'Bilberry', 'Raspberry', 'Clover', 'Fireweed', 'Heather'],
    ];

    private const USUAL = [
        'Willow',
        'Dandelion',
        'Fruit',
        'Rape',
        'Hawthorn',
        'Robinia',
        'Clover',
        'Lime',
        'Bramble',
        'Heather',
        'Ivy',
    ];

    private const GROUPS = [
        'mediterranean' => 'mediterranean',
        'mediterranean-inland' => 'mediterranean',
        'atlantic-iberian' => 'mediterranean',
        'cold-continental' => 'america',
        'upper-midwest' => 'america',
        'prairie' => 'america',
        'mid-atlantic' => 'america',
        'pacific-north-west' => 'america',
        'humid-subtropical' => 'warm',
        'boreal' => 'boreal',
    ];

    /**
     * @param  list<string>  $own  that the operation has noted
     * @return list<string> its own first
     */
    public static function of(float $latitude, ?string $climate, array $own): array
    {
        $usual = $latitude < 0.0
            ? self::SOUTH
            : self::BY_CLIMATE[self::GROUPS[(string) $climate] ?? ''] ?? self::USUAL;

        return array_values(array_unique([...$own, ...array_map(static fn (string $one): string => __($one), $usual)]));
    }
}
