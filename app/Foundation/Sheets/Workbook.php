<?php

declare(strict_types=1);

namespace App\Foundation\Sheets;

use App\Foundation\Server\Allowance;
use Illuminate\Http\UploadedFile;
use PhpOffice\PhpSpreadsheet\IOFactory;
use Throwable;

/** A file of a spreadsheet as text: its first sheet; one that is text already as it is. */
final class Workbook
{
    private const KINDS = ['xlsx' => 'Xlsx', 'ods' => 'Ods'];

    /** A workbook in memory takes about a kilobyte a cell: what is beyond these is not read. */
    private const MOST_ROWS = 8000;

    private const MOST_COLUMNS = 20;

    private const MEGABYTES = 512;

    private const SECONDS = 60;

    /** Null where it cannot be read. */
    public static function text(UploadedFile $file): ?string
    {
        $kind = self::KINDS[strtolower($file->getClientOriginalExtension())] ?? null;
        if ($kind === null) {
            $text = (string) file_get_contents($file->getRealPath());

            return str_contains($text, "\0") && ! str_starts_with($text, "\xFF\xFE") ? null : $text;
        }
        try {
            $reader = IOFactory::createReader($kind);
            $reader->setReadDataOnly(true);
            $reader->setReadFilter(new FirstCells(self::MOST_ROWS, self::MOST_COLUMNS));
            Allowance::atLeast(self::MEGABYTES, self::SECONDS);
            $sheet = $reader->load($file->getRealPath())->getSheet(0);
            $rows = min(self::MOST_ROWS, $sheet->getHighestDataRow());
            $out = fopen('php://temp', 'r+');
            assert($out !== false);
            foreach ($sheet->getRowIterator(1, $rows) as $row) {
                $cells = [];
                foreach ($row->getCellIterator() as $cell) {
                    $value = $cell->getCalculatedValue();
                    $cells[] = is_scalar($value) ? (string) $value : '';
                    if (count($cells) >= self::MOST_COLUMNS) {
                        break;
                    }
                }
                fputcsv($out, $cells, ';', '"', '');
            }

            return (string) stream_get_contents($out, offset: 0);
        } catch (Throwable) {
            return null;
        }
    }
}
