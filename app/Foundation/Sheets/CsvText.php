<?php

declare(strict_types=1);

namespace App\Foundation\Sheets;

use Generator;

/** A table as text, with any usual separator, decimal sign and encoding. */
final readonly class CsvText
{
    private const SEPARATORS = [';', "\t", ',', '|'];

    private const LOOKED_AT = 20;

    public string $text;

    public string $separator;

    public function __construct(string $text)
    {
        $text = str_starts_with($text, "\xFF\xFE")
            ? mb_convert_encoding(substr($text, 2), 'UTF-8', 'UTF-16LE')
            : $text;
        $text = ltrim($text, "\u{FEFF}");
        $this->text = mb_check_encoding($text, 'UTF-8') ? $text : mb_convert_encoding($text, 'UTF-8', 'Windows-1252');
        $this->separator = $this->likeliest();
    }

    /** @return Generator<int, list<string>> by the number of the line, from 1; empty lines are passed over */
    public function rows(): Generator
    {
        $file = fopen('php://temp', 'r+');
        assert($file !== false);
        fwrite($file, $this->text);
        rewind($file);
        for ($line = 1; ($cells = fgetcsv($file, null, $this->separator, '"', '')) !== false; $line++) {
            if ($cells !== [null]) {
                yield $line => array_map(static fn (?string $cell): string => trim((string) $cell), $cells);
            }
        }
        fclose($file);
    }

    /** A number with a comma or a point, and signs between thousands; null if the text is not a number. */
    public static function number(string $cell): ?float
    {
        $cell = preg_replace('/[\s\x{00A0}\x{202F}\']+/u', '', $cell) ?? '';
        $cell = preg_replace('/(kg|lb|lbs)$/i', '', $cell) ?? '';
        if (preg_match('/^[+-]?\d{1,3}(,\d{3})+\.\d+$/', $cell) === 1) {
            $cell = str_replace(',', '', $cell);
        } elseif (preg_match('/^[+-]?\d{1,3}(\.\d{3})+,\d+$/', $cell) === 1) {
            $cell = str_replace(['.', ','], ['', '.'], $cell);
        } else {
            $cell = str_replace(',', '.', $cell);
        }

        return is_numeric($cell) ? (float) $cell : null;
    }

    /** Returns the separator that gives the first lines equally many cells, and the most. */
    private function likeliest(): string
    {
        $lines = array_slice(array_filter(preg_split('/\R/', mb_substr($this->text, 0, 20000)) ?: []), 0, self::LOOKED_AT);
        $best = [0.0, ','];
        foreach (self::SEPARATORS as $separator) {
            $counts = array_map(static fn (string $line): int => count(str_getcsv($line, $separator, '"', '')), $lines);
            if ($counts === []) {
                continue;
            }
            $tally = array_count_values($counts);
            arsort($tally);
            $cells = array_key_first($tally);
            $score = $cells < 2 ? 0.0 : $tally[$cells] / count($lines) + 0.001 * min(20, $cells);
            $best = $score > $best[0] ? [$score, $separator] : $best;
        }

        return $best[1];
    }
}
