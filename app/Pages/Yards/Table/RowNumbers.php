<?php

declare(strict_types=1);

namespace App\Pages\Yards\Table;

/** Whether the figures of a line are within what a hive can have. */
final readonly class RowNumbers
{
    private const WITHIN = [
        'brood boxes' => [0, 3],
        'supers' => [0, 8],
        'year' => [2000, 2100],
        'latitude' => [-66, 70],
        'longitude' => [-180, 180],
    ];

    /** @return list<string> */
    public function wrong(HiveRow $row): array
    {
        $errors = [];
        foreach (self::WITHIN as $name => [$least, $most]) {
            $text = str_replace(',', '.', $row->text(Column::from($name)));
            $isPlace = $least < 0;
            $isRight = $isPlace ? is_numeric($text) : ctype_digit($text);
            if ($text !== '' && (! $isRight || (float) $text < $least || (float) $text > $most)) {
                $errors[] = __('":value" under :column; allowed: :least to :most.', [
                    'value' => $text,
                    'column' => $name,
                    'least' => $least,
                    'most' => $most,
                ]);
            }
        }

        return $errors;
    }
}
