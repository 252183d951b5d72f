<?php

declare(strict_types=1);

namespace App\Pages\Compare\Out;

use App\Foundation\Sheets\CsvText;

/** Which column of a sheet of earlier yields is what; -1 where it has none. */
final readonly class YieldColumns
{
    public const NONE = -1;

    private const WORDS = [
        'hive' => '/(hive|colony|stock|stand|kupa|beute|volk|ruche|colonia|nr|no\.?$)/u',
        'season' => '/(year|^yr|season|år|jahr|ann|año|saison)/u',
        'kg' => '/(kg|lb|yield|honey|crop|skörd|ertrag|miel|honung|honig|weight)/u',
        'queen' => '/(queen|drottning|königin|reine|reina)/u',
        'yard' => '/(yard|apiary|site|place|plats|bigård|standort|rucher|apiario)/u',
    ];

    public function __construct(
        public int $hive,
        public int $season,
        public int $kg,
        public int $queen,
        public int $yard,
        public string $unit,
    ) {
    }

    /**
     * By the words of the first row, else by what stands under them: a year, then a weight.
     *
     * @param  list<list<string>>  $rows  the first of the sheet
     */
    public static function guessed(array $rows): self
    {
        $head = array_map(mb_strtolower(...), $rows[0] ?? []);
        $found = [];
        foreach (self::WORDS as $what => $pattern) {
            $found[$what] = self::NONE;
            foreach ($head as $i => $word) {
                if (! in_array($i, $found, true) && preg_match($pattern, $word) === 1) {
                    $found[$what] = $i;
                    break;
                }
            }
        }
        $body = array_slice($rows, 1);
        if ($found['season'] === self::NONE) {
            $found['season'] = self::columnOf($body, $found, static fn (string $cell): bool => preg_match('/^(19|20)\d\d$/', $cell) === 1);
        }
        if ($found['kg'] === self::NONE) {
            $found['kg'] = self::columnOf($body, $found, static fn (string $cell): bool => CsvText::number($cell) !== null);
        }
        $unit = preg_match('/(lb|pound)/', $head[$found['kg']] ?? '') === 1 ? 'lb' : 'kg';

        return new self($found['hive'], $found['season'], $found['kg'], $found['queen'], $found['yard'], $unit);
    }

    /**
     * The first column not yet found whose values fit in most rows.
     *
     * @param  list<list<string>>  $rows
     * @param  array<string, int>  $found
     * @param  callable(string): bool  $is
     */
    private static function columnOf(array $rows, array $found, callable $is): int
    {
        foreach (array_keys($rows[0] ?? []) as $i) {
            $hits = array_filter($rows, static fn (array $row): bool => $is(trim($row[$i] ?? '')));
            if (! in_array($i, $found, true) && count($hits) > 0.6 * count($rows)) {
                return $i;
            }
        }

        return self::NONE;
    }
}
