<?php

declare(strict_types=1);

namespace App\Pages\Compare\Out;

use App\Foundation\Sheets\Csv;
use App\Foundation\Units\Formatter;
use App\Pages\Compare\Crop;
use App\Pages\Compare\CropTable;
use App\Pages\Compare\Queens\KnownQueen;
use App\Pages\Compare\Queens\MeritReader;
use App\Pages\Compare\Queens\PlanReader;
use App\Pages\Compare\Queens\QueenBook;
use App\Pages\Compare\YieldReader;
use Illuminate\Support\Collection;
use Marjoram\Core\Yields\Merit\YieldScale;
use Marjoram\Core\Yields\YardSeason;
use Marjoram\Core\Yields\Yields;
use PhpOffice\PhpSpreadsheet\Spreadsheet;
use PhpOffice\PhpSpreadsheet\Writer\Xlsx;

/** The tables of Compare as one workbook: hives, yards, queens. */
final readonly class YieldWorkbook
{
    public function __construct(
        private YieldReader $yields,
        private MeritReader $merits,
        private QueenBook $book,
        private PlanReader $plans,
        private Formatter $format,
    ) {
    }

    /** @return array<string, string> the tables there are, each with its words */
    public static function names(): array
    {
        return ['hives' => __('Hives'), 'yards' => __('Yards'), 'queens' => __('Queens'), 'plan' => __('Next year\'s queens')];
    }

    /** @return list<list<string|int|float|null>> the names of the columns first */
    public function table(string $name): array
    {
        return match ($name) {
            'yards' => $this->yards($this->merits->crops()),
            'queens' => $this->queens(),
            'plan' => $this->plans->read()->rows(),
            default => CropTable::of($this->merits->crops(), $this->format),
        };
    }

    /**
     * @param  list<string>  $names  of tables
     * @return string path of the file; whoever asked for it deletes it
     */
    public function write(array $names): string
    {
        $book = new Spreadsheet;
        $book->removeSheetByIndex(0);
        foreach ($names as $name) {
            $this->sheet($book, self::names()[$name] ?? $name, $this->table($name));
        }
        $path = (string) tempnam(sys_get_temp_dir(), 'yields');
        (new Xlsx($book))->save($path);
        $book->disconnectWorksheets();

        return $path;
    }

    /** @param  list<list<string|int|float|null>>  $rows */
    private function sheet(Spreadsheet $book, string $name, array $rows): void
    {
        $sheet = $book->createSheet();
        $sheet->setTitle($name);
        $sheet->fromArray(array_map(
            static fn (array $row): array => array_map(Csv::cell(...), $row),
            $rows,
        ), '', 'A1', true);
        $sheet->getStyle('1:1')->getFont()->setBold(true);
        $sheet->freezePane('A2');
    }

    /**
     * @param  Collection<int, Crop>  $crops
     * @return list<list<string|int|float|null>>
     */
    private function yards(Collection $crops): array
    {
        $unit = $this->format->massUnit();
        $head = [
            'yard',
            'season',
            'hives',
            'producing',
            "total_$unit",
            "mean_$unit",
            "mean_producing_$unit",
            "change_$unit",
            'share_of_crop',
            'best',
            'least',
        ];

        return [$head, ...array_map(fn (YardSeason $one): array => [
            $one->apiary,
            $one->season,
            $one->hives,
            $one->producing,
            $this->mass($one->totalKg),
            $this->mass($one->meanKg),
            $this->mass($one->meanProducingKg),
            $one->changeKg === null ? null : $this->mass($one->changeKg),
            round($one->shareOfCrop, 4),
            $one->best,
            $one->worst,
        ], (new Yields)->byYard($this->yields->records($crops)))];
    }

    /** @return list<list<string|int|float|null>> */
    private function queens(): array
    {
        $unit = $this->format->massUnit();
        $head = [
            'queen',
            'line',
            'year',
            'mother',
            'hive',
            'yard',
            'seasons',
            'seasons_of_daughters',
            "merit_$unit",
            "sd_$unit",
            'speaks_for',
            'mark',
            'reason',
        ];
        $queens = $this->book->read($this->merits->of(YieldScale::Kg))->values()->all();

        return [$head, ...array_map(fn (KnownQueen $one): array => [
            $one->code,
            $one->line,
            $one->year,
            $one->mother,
            $one->hive,
            $one->yardName,
            $one->merit->records ?? 0,
            $one->merit->daughters ?? 0,
            $one->merit === null ? null : $this->mass($one->merit->merit),
            $one->merit === null ? null : $this->mass($one->merit->sd),
            $one->merit?->advice->value,
            $one->mark?->mark->value,
            $one->mark?->reason,
        ], $queens)];
    }

    private function mass(float $kg): float
    {
        return round($this->format->massValue($kg), 2);
    }
}
