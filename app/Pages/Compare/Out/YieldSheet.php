<?php

declare(strict_types=1);

namespace App\Pages\Compare\Out;

use App\Foundation\Sheets\CsvText;

/** A sheet of earlier yields read with its columns: rows to be kept, and those that could not be read. */
final readonly class YieldSheet
{
    private const POUND_KG = 0.45359237;

    private const SHOWN = 12;

    private const MOST_KG = 400.0;

    /**
     * @param  list<array{yard: string, hive: string, season: int, queen: ?string, kg: float}>  $rows
     * @param  list<string>  $refused  the first that could not be read, with why
     */
    private function __construct(public array $rows, public array $refused, public int $refusedInAll)
    {
    }

    /**
     * @param  string  $usualYard  of hives that nobody knows, where the sheet names none
     * @param  array<string, string>  $homes  the yard of each hive that is known, by its code
     */
    public static function read(
        CsvText $text,
        YieldColumns $columns,
        string $usualYard,
        array $homes,
        int $newest,
    ): self {
        $rows = $refused = [];
        $bad = 0;
        foreach ($text->rows() as $line => $cells) {
            $of = static fn (int $column): string => $column < 0 ? '' : trim($cells[$column] ?? '');
            $kg = CsvText::number($of($columns->kg));
            if ($line === 1 && $kg === null) {
                continue;
            }
            $kg = $kg === null || $columns->unit === 'kg' ? $kg : $kg * self::POUND_KG;
            $season = preg_match('/(\d{4})/', $of($columns->season), $year) === 1 ? (int) $year[1] : 0;
            $home = $homes[mb_strtoupper($of($columns->hive))] ?? $usualYard;
            $yard = $of($columns->yard) === '' ? $home : $of($columns->yard);
            $why = match (true) {
                $of($columns->hive) === '' => __('no hive'),
                mb_strlen($of($columns->hive)) > 20 => __('the hive\'s name is longer than 20 characters'),
                $season < 1950 || $season > $newest => __('no season up to :year', ['year' => $newest]),
                $kg === null => __('the weight cannot be read'),
                $kg < 0.0 || $kg > self::MOST_KG => __('a hive gives 0 to 400 kg'),
                $yard === '' => __('no yard'),
                default => '',
            };
            if ($why !== '') {
                $bad++;
                if (count($refused) < self::SHOWN) {
                    $refused[] = __('Line :n: :why', ['n' => $line, 'why' => $why]);
                }

                continue;
            }
            $rows[] = [
                'yard' => mb_substr($yard, 0, 80),
                'hive' => mb_strtoupper($of($columns->hive)),
                'season' => $season,
                'queen' => $of($columns->queen) === '' ? null : mb_substr($of($columns->queen), 0, 40),
                'kg' => round((float) $kg, 2),
            ];
        }

        return new self($rows, $refused, $bad);
    }

    /**
     * @param  array<string, string>  $homes
     * @return list<string> hives that do not stand in any yard now
     */
    public function unknown(array $homes): array
    {
        return array_values(array_unique(array_filter(
            array_map(static fn (array $row): string => $row['hive'], $this->rows),
            static fn (string $hive): bool => ! isset($homes[$hive]),
        )));
    }
}
