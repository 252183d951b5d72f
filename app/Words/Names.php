<?php

declare(strict_types=1);

namespace App\Words;

use BackedEnum;
use LogicException;

/** The words of lang/en/core.php: the names of the core's cases, and the sentences for what it says. */
final class Names
{
    /** The name of a case; where it has none of its own, the case's value is a word already. */
    public static function of(BackedEnum $case): string
    {
        $key = self::key(self::short($case), $case);
        $name = __($key);

        return is_string($name) && $name !== $key ? $name : __((string) $case->value);
    }

    /** What somebody saw of a sign. */
    public static function seen(string $sign, string $result): string
    {
        $key = "core.seen.$sign:$result";
        $words = __($key);

        return is_string($words) && $words !== $key ? $words : $sign;
    }

    /**
     * The sentence for a case, or for a list that is keyed by its value.
     *
     * @param  array<string, string>  $figures
     * @param  ?int  $count  of what it tells, where there is a sentence for each number
     *
     * @throws LogicException when there is none
     */
    public static function sentence(
        BackedEnum $case,
        array $figures = [],
        ?string $list = null,
        ?int $count = null,
    ): string {
        $key = self::key($list ?? self::short($case), $case);
        $sentence = $count === null ? __($key, $figures) : trans_choice($key, $count, $figures);
        if (! is_string($sentence) || $sentence === $key) {
            throw new LogicException("There are no words for $key.");
        }

        return $sentence;
    }

    private static function key(string $list, BackedEnum $case): string
    {
        return "core.$list.$case->value";
    }

    private static function short(BackedEnum $case): string
    {
        return substr((string) strrchr('\\'.$case::class, '\\'), 1);
    }
}
