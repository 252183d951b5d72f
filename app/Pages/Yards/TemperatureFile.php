<?php

declare(strict_types=1);

namespace App\Pages\Yards;

use Illuminate\Validation\ValidationException;

/**
 * Temperatures as CSV: a date (2024-01-31 or 2024-01) and a value a row, or year, month and value, or twelve rows of
 * month and value. Comma, semicolon or tab between; a first row of words is passed over.
 */
final class TemperatureFile
{
    /**
     * @return list<array{int, int, float}> year, month, temperature in C
     *
     * @throws ValidationException naming the line that cannot be read
     */
    public static function read(string $text, bool $fahrenheit): array
    {
        $rows = [];
        foreach (preg_split('/\R/', trim(ltrim($text, "\u{FEFF}"))) ?: [] as $n => $line) {
            if (trim($line) === '') {
                continue;
            }
            $semicolon = str_contains($line, ';');
            $cells = array_map(
                trim(...),
                array_map(
                    strval(...),
                    str_getcsv($line, str_contains($line, "\t") ? "\t" : ($semicolon ? ';' : ','), '"', ''),
                ),
            );
            $row = self::row(
                $semicolon
                    ? array_map(static fn (string $cell): string => str_replace(',', '.', $cell), $cells)
                    : $cells,
            );
            if ($row === null && $rows === [] && preg_match('/\pL{3}/u', $line) === 1) {
                continue;
            }
            if ($row === null) {
                throw ValidationException::withMessages([
                    'pasted' => __(
                        'Line :n cannot be read: ":line". Write a date and a temperature, such as 2024-01-31,-2.5.',
                        ['n' => $n + 1, 'line' => mb_substr($line, 0, 60)],
                    ),
                ]);
            }
            $rows[] = [$row[0], $row[1], $fahrenheit ? ($row[2] - 32.0) / 1.8 : $row[2]];
        }

        return $rows;
    }

    /**
     * @param  list<string>  $cells
     * @return array{int, int, float}|null
     */
    private static function row(array $cells): ?array
    {
        $last = $cells[count($cells) - 1] ?? '';
        if (
            count($cells) === 2 &&
            preg_match('/^(\d{4})-(\d{1,2})(-\d{1,2})?$/', $cells[0], $date) === 1 &&
            is_numeric($last) &&
            (int) $date[2] >= 1 &&
            (int) $date[2] <= 12
        ) {
            return [(int) $date[1], (int) $date[2], (float) $last];
        }
        $month = $cells[count($cells) - 2] ?? '';
        if (! is_numeric($last) || preg_match('/^(1[0-2]|0?[1-9])$/', $month) !== 1 || count($cells) > 3) {
            return null;
        }

        return count($cells) === 3
            ? (is_numeric($cells[0])
                ? [(int) $cells[0], (int) $month, (float) $last]
                : null)
            : [2000, (int) $month, (float) $last];
    }
}
