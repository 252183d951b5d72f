<?php

declare(strict_types=1);

namespace Marjoram\Core\Comb;

use Marjoram\Core\InvalidInput;

/** The box kinds that come with the application; an operation adds its own beside them. */
final class BoxKinds
{
    /** @return array<array-key, BoxKind> by key */
    public static function standard(): array
    {
        /** @var array<string, array{string, int, float, float, float, float, float, float}> $rows */
        $rows = require __DIR__.'/data/box-kinds.php';
        $kinds = [];
        foreach ($rows as $key => $row) {
            $kinds[$key] = new BoxKind((string) $key, ...$row);
        }

        return $kinds;
    }

    /**
     * What a box with drawn combs usually weighs, kg, where nobody has weighed one: wood and wax grow with the comb.
     * Fitted to the masses of the standard kinds (common practice); off by up to a fifth.
     *
     * @param  float  $combAreaDm2  of one side
     */
    public static function usualEmptyMassKg(int $frames, float $combAreaDm2): float
    {
        return 0.9 + 0.072 * $frames * $combAreaDm2;
    }

    /** @throws InvalidInput when no kind has this key */
    public static function get(string $key): BoxKind
    {
        $kinds = self::standard();

        return $kinds[$key] ??
            throw InvalidInput::unknown('The box kind', $key, implode(', ', array_keys($kinds)), '/kind');
    }
}
