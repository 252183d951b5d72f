<?php

declare(strict_types=1);

namespace App\Foundation\Sheets;

/** The columns of an uploaded file, to choose from. */
final class Columns
{
    /**
     * @param  list<string>  $head  the first row
     * @param  ?string  $else  word for none of them, which is -1
     * @return array<int, string> by place: number and what stands there
     */
    public static function named(array $head, ?string $else = null): array
    {
        $named = $else === null ? [] : [-1 => $else];
        foreach ($head as $i => $cell) {
            $named[$i] = $i + 1 .': '.mb_substr($cell, 0, 40);
        }

        return $named;
    }
}
