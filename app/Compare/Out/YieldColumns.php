<?php

declare(strict_types=1);

namespace App\Compare\Out;

/** Which column of a sheet of earlier yields is what; -1 where it has none. */
final readonly class YieldColumns
{
    public const NONE = -1;

    private const WORDS = [
        'hive' => '/(hive|colony|stock|stand|kupa|beute|volk|ruche|colonia|nr|no\.?$)/u',
        'season' => '/(year|season|år|jahr|ann|año|saison)/u',
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

    /** @param  list<string>  $head */
    public static function guessed(array $head): self
    {
        $head = array_map(mb_strtolower(...), $head);
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
        $unit = preg_match('/(lb|pound)/', $head[$found['kg']] ?? '') === 1 ? 'lb' : 'kg';

        return new self($found['hive'], $found['season'], $found['kg'], $found['queen'], $found['yard'], $unit);
    }
}
