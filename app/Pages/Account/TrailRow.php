<?php

declare(strict_types=1);

namespace App\Pages\Account;

use App\Foundation\Writes\Activity;
use DateTimeInterface;
use Illuminate\Support\Str;

/** One line of what was changed, in words. */
final readonly class TrailRow
{
    /** Say nothing to a person. */
    private const HIDDEN = ['id', 'made_at', 'painted_at', 'whole'];

    /** So many values are shown of a change. */
    private const MOST = 6;

    /** @param  list<string>  $values */
    private function __construct(
        public ?DateTimeInterface $at,
        public ?string $who,
        public string $what,
        public ?string $hive,
        public bool $undone,
        public array $values,
    ) {
    }

    public static function of(Activity $line, ?string $who, string $what, ?string $hive): self
    {
        return new self($line->created_at, $who, $what, $hive, $line->undone_at !== null, self::values($line));
    }

    /** @return list<string> */
    private static function values(Activity $line): array
    {
        $old = (array) $line->properties?->get('old', []);
        $new = (array) $line->properties?->get('attributes', []);
        $values = [];
        foreach (array_slice(array_diff_key($new, array_flip(self::HIDDEN)), 0, self::MOST) as $key => $value) {
            if (is_scalar($value) && ! str_ends_with((string) $key, '_id')) {
                $before = isset($old[$key]) && is_scalar($old[$key]) ? $old[$key].' → ' : '';
                $values[] = str_replace('_', ' ', (string) $key)." $before".Str::limit((string) $value, 30);
            }
        }

        return $values;
    }
}
