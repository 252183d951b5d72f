<?php

declare(strict_types=1);

namespace App\Foundation\Sheets;

use PhpOffice\PhpSpreadsheet\Cell\Coordinate;
use PhpOffice\PhpSpreadsheet\Reader\IReadFilter;

/** Reads no more than so many rows and columns of a sheet: a small file may unpack to a very large one. */
final readonly class FirstCells implements IReadFilter
{
    public function __construct(private int $rows, private int $columns)
    {
    }

    /**
     * @param  string  $columnAddress
     * @param  int  $row
     * @param  string  $worksheetName
     */
    public function readCell($columnAddress, $row, $worksheetName = ''): bool
    {
        return $row <= $this->rows && Coordinate::columnIndexFromString($columnAddress) <= $this->columns;
    }
}
