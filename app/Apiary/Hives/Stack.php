<?php

declare(strict_types=1);

namespace App\Apiary\Hives;

/** The order of a hive's supers, from the lowest: which ones must be moved when others are taken. */
final class Stack
{
    /**
     * Supers that stay and stand above one that goes: they are moved below first, as only what stands above a board is
     * cleared.
     *
     * @param  list<string>  $supers  ids from the lowest
     * @param  list<string>  $going  ids
     * @return list<string> ids from the lowest
     */
    public static function toMoveBelow(array $supers, array $going): array
    {
        $goes = array_keys(array_intersect($supers, $going));

        return $goes === [] ? [] : array_values(array_diff(array_slice($supers, $goes[0] + 1), $going));
    }
}
