<?php

declare(strict_types=1);

namespace App\Foundation\Places;

use Illuminate\Support\Str;

/** The towns of the world, by their names; the list ships with the application. */
final readonly class Gazetteer
{
    private const FILE = 'build/places.tsv';

    /** One line of the list after the name's beginning. */
    private const REST = '[^\t\n]*\t([^\t\n]+)\t([A-Z]{2})\t(-?[\d.]+)\t(-?[\d.]+)$/m';

    /** @return list<Town> whose names begin so, the largest first */
    public function beginning(string $words, int $most): array
    {
        $name = self::folded($words);

        return mb_strlen($name) < 2 ? [] : $this->found('/^'.preg_quote($name, '/').self::REST, $most);
    }

    /**
     * Returns the towns that a text may mean: a name, a name and a country, or a label of the list.
     *
     * @return list<Town> the largest first
     */
    public function meant(string $words): array
    {
        $parts = explode(',', $words, 2);
        $name = self::folded($parts[0]);
        if ($name === '') {
            return [];
        }
        $towns = $this->found('/^'.preg_quote($name, '/').'(?=\t)'.self::REST, 500);
        $where = self::folded($parts[1] ?? '');
        $fits = static fn (Town $town): bool => str_starts_with(
            self::folded(Str::after($town->label(), ',')),
            $where,
        ) || mb_strtolower($town->country) === $where;

        return $where === '' ? $towns : array_values(array_filter($towns, $fits));
    }

    /** @return list<Town> */
    private function found(string $pattern, int $most): array
    {
        $path = public_path(self::FILE);
        $list = is_file($path) ? (string) file_get_contents($path) : '';
        preg_match_all($pattern, $list, $lines, PREG_SET_ORDER);

        return array_map(
            static fn (array $line): Town => new Town($line[1], $line[2], (float) $line[3], (float) $line[4]),
            array_slice($lines, 0, $most),
        );
    }

    /** Returns a name as the list spells it: without accents, in small letters. */
    private static function folded(string $words): string
    {
        return trim(mb_strtolower(Str::ascii($words)));
    }
}
