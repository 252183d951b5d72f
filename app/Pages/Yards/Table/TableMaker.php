<?php

declare(strict_types=1);

namespace App\Pages\Yards\Table;

use App\Models\Apiary;
use App\Models\Hive;
use App\Models\Queen;
use App\Pages\Yards\NewHive;
use App\Pages\Yards\NewYard;

/** Makes the yards, hives and queens of a table that was found whole. */
final readonly class TableMaker
{
    public function __construct(private NewHive $hives, private NewYard $yards)
    {
    }

    /** @param  list<HiveRow>  $rows */
    public function make(array $rows): void
    {
        $yards = Apiary::query()->get()->keyBy('slug')->all();
        foreach ($rows as $row) {
            $slug = NewYard::slug($row->text(Column::Yard));
            $yards[$slug] ??= $this->yards->bare(
                $row->text(Column::Yard),
                self::number($row, Column::Latitude),
                self::number($row, Column::Longitude),
            );
            $hive = $this->hives->make(
                $yards[$slug],
                $row->broodBoxes(),
                $row->broodKind,
                $row->supers(),
                $row->superKind,
                $row->code(),
            );
            if ($row->hasQueen()) {
                $this->queen($row, $hive);
            }
        }
        $this->mothers($rows);
    }

    private function queen(HiveRow $row, Hive $hive): void
    {
        $year = $row->text(Column::Year) === '' ? (int) substr(NewYard::today(), 0, 4) : (int) $row->text(Column::Year);
        $code = $row->queenCode();
        $queen = Queen::query()->where('code', $code)->first() ?? Queen::query()->create([
            'code' => $code,
            'line' => mb_substr($row->text(Column::Line) ?: '–', 0, 30),
            'year' => $year,
        ]);
        $hive->load('colony')->colony?->update(['queen_id' => $queen->id]);
    }

    /**
     * A mother may stand in a later line than her daughter.
     *
     * @param  list<HiveRow>  $rows
     */
    private function mothers(array $rows): void
    {
        foreach ($rows as $row) {
            $mother = $row->text(Column::Mother);
            $known = $mother === '' ? null : Queen::query()->where('code', $mother)->first();
            $code = $row->queenCode();
            if ($known !== null && $known->code !== $code) {
                Queen::query()->where('code', $code)->first()?->update(['mother_id' => $known->id]);
            }
        }
    }

    private static function number(HiveRow $row, Column $column): float
    {
        return (float) str_replace(',', '.', $row->text($column));
    }
}
