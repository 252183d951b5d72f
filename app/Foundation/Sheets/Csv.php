<?php

declare(strict_types=1);

namespace App\Foundation\Sheets;

use Symfony\Component\HttpFoundation\StreamedResponse;

/** Writes tables as CSV; a cell that a spreadsheet would read as a formula is marked as text. */
final class Csv
{
    /** @param  iterable<list<string|int|float|bool|null>>  $rows */
    public static function download(string $name, iterable $rows): StreamedResponse
    {
        return response()->streamDownload(static function () use ($rows): void {
            $out = fopen('php://output', 'w');
            assert($out !== false);
            foreach ($rows as $row) {
                fputcsv($out, array_map(self::cell(...), $row), escape: '');
            }
        }, $name, ['Content-Type' => 'text/csv; charset=UTF-8']);
    }

    public static function cell(string|int|float|bool|null $value): string|int|float
    {
        return match (true) {
            $value === null => '',
            is_bool($value) => $value ? 1 : 0,
            is_string($value) && preg_match('/^[=+\-@\t\r]/', $value) === 1 && ! is_numeric($value) => "'".$value,
            default => $value,
        };
    }
}
