<?php

declare(strict_types=1);

namespace App\Pages\Yards\Table;

/** One hive of a pasted table, as it was understood. */
final readonly class HiveRow
{
    /**
     * @param  int  $number  of its line, counted from 1 with the heading
     * @param  array<string, string>  $cells  by column
     * @param  list<string>  $errors  in words; none where it can be taken
     */
    public function __construct(
        public int $number,
        private array $cells,
        public string $broodKind,
        public string $superKind,
        public array $errors,
    ) {
    }

    public function text(Column $column): string
    {
        return $this->cells[$column->value] ?? '';
    }

    public function code(): string
    {
        return mb_strtoupper($this->text(Column::Code));
    }

    public function yard(): string
    {
        return $this->text(Column::Yard);
    }

    /** Her own, or one after the hive's. */
    public function queenCode(): string
    {
        return mb_substr($this->text(Column::Queen) ?: 'Q-'.$this->code(), 0, 30);
    }

    public function queen(): string
    {
        return implode(' ', array_filter([
            $this->text(Column::Queen),
            $this->text(Column::Line),
            $this->text(Column::Year),
        ]));
    }

    public function broodBoxes(): int
    {
        return $this->text(Column::BroodBoxes) === '' ? 1 : (int) $this->text(Column::BroodBoxes);
    }

    public function supers(): int
    {
        return (int) $this->text(Column::Supers);
    }

    public function hasQueen(): bool
    {
        return $this->text(Column::Queen) !== '' || $this->text(Column::Year) !== '';
    }
}
