<?php

declare(strict_types=1);

namespace App\Pages\Yards\Table;

use App\Apiary\Hives\BoxKindReader;
use App\Models\Apiary;
use App\Models\Hive;
use App\Pages\Yards\NewYard;

/**
 * A table of hives as it is pasted from a spreadsheet: a heading and a line for each hive, parted by tabs, semicolons
 * or commas. Each line says what is wrong with it; nothing is made here.
 */
final class HiveTable
{
    public const MOST = 500;

    private const BROOD = 'langstroth-deep-10';

    private const SUPER = 'langstroth-medium-10';

    /** @var list<string> of the table as a whole */
    public array $errors = [];

    /** @var list<HiveRow> */
    public array $rows = [];

    /** @var array<string, string> box kinds' keys by their names and keys in small letters */
    private array $kinds = [];

    /** @var array<string, true> codes that are taken, or stand in an earlier line */
    private array $codes = [];

    /** @var array<string, true> slugs of yards that there are, or that an earlier line puts up */
    private array $yards = [];

    public function __construct(BoxKindReader $kinds)
    {
        foreach ($kinds->all() as $key => $kind) {
            $this->kinds[mb_strtolower($kind->name)] = $this->kinds[mb_strtolower($key)] = $key;
        }
        $this->codes = array_fill_keys(Hive::query()->pluck('code')->all(), true);
        $this->yards = array_fill_keys(Apiary::query()->pluck('slug')->all(), true);
    }

    public function read(string $text): self
    {
        $lines = preg_split('/\R/u', trim($text)) ?: [];
        $heading = array_shift($lines) ?? '';
        $parted = self::partedBy($heading);
        $columns = array_map(Column::named(...), self::cells($heading, $parted));
        $this->errors = self::wrongHeading($columns, self::cells($heading, $parted));
        if (count($lines) > self::MOST) {
            $this->errors[] = __('The table has :n lines; at most :most can be added at a time.', [
                'n' => count($lines),
                'most' => self::MOST,
            ]);
        }
        foreach ($this->errors === [] ? $lines : [] as $i => $line) {
            if (trim($line) !== '') {
                $this->rows[] = $this->row($i + 2, $columns, self::cells($line, $parted));
            }
        }
        if ($this->errors === [] && $this->rows === []) {
            $this->errors[] = __('The table has no line below the heading.');
        }

        return $this;
    }

    public function isWhole(): bool
    {
        return $this->errors === []
            && array_filter($this->rows, static fn (HiveRow $row): bool => $row->errors !== []) === [];
    }

    private static function partedBy(string $heading): string
    {
        return match (true) {
            str_contains($heading, "\t") => "\t",
            str_contains($heading, ';') => ';',
            default => ',',
        };
    }

    /** @return list<string> */
    private static function cells(string $line, string $parted): array
    {
        $cells = str_getcsv($line, $parted, '"', '');

        return array_map(static fn (?string $cell): string => trim((string) $cell), $cells);
    }

    /**
     * @param  list<?Column>  $columns
     * @param  list<string>  $headings
     * @return list<string>
     */
    private static function wrongHeading(array $columns, array $headings): array
    {
        $known = implode(', ', array_column(Column::cases(), 'value'));
        $errors = [];
        foreach ($columns as $i => $column) {
            if ($column === null) {
                $errors[] = __('The heading ":heading" is not known. Known headings: :known.', [
                    'heading' => $headings[$i],
                    'known' => $known,
                ]);
            }
        }
        foreach (array_filter($columns) as $i => $column) {
            if (array_search($column, $columns, true) !== $i) {
                $errors[] = __('The table has two columns ":column".', ['column' => $column->value]);
            }
        }
        foreach ([Column::Code, Column::Yard] as $needed) {
            if ($errors === [] && ! in_array($needed, $columns, true)) {
                $errors[] = __('The table has no column ":column".', ['column' => $needed->value]);
            }
        }

        return $errors;
    }

    /**
     * @param  list<?Column>  $columns
     * @param  list<string>  $cells
     */
    private function row(int $number, array $columns, array $cells): HiveRow
    {
        $found = [];
        foreach ($columns as $i => $column) {
            if ($column !== null) {
                $found[$column->value] = mb_substr($cells[$i] ?? '', 0, 120);
            }
        }
        $brood = $this->kind($found[Column::BroodKind->value] ?? '', self::BROOD);
        $super = $this->kind($found[Column::SuperKind->value] ?? '', self::SUPER);
        $row = new HiveRow($number, $found, $brood ?? '', $super ?? '', []);
        $errors = [...$this->wrong($row, $brood, $super), ...(new RowNumbers)->wrong($row)];

        return new HiveRow($number, $found, $brood ?? self::BROOD, $super ?? self::SUPER, $errors);
    }

    private function kind(string $named, string $usual): ?string
    {
        return $named === '' ? $usual : $this->kinds[mb_strtolower($named)] ?? null;
    }

    /** @return list<string> */
    private function wrong(HiveRow $row, ?string $brood, ?string $super): array
    {
        $errors = [];
        $code = $row->code();
        if (preg_match('/^[\pL0-9-]{1,12}$/u', $code) !== 1) {
            $errors[] = __('A code has 1 to 12 letters, figures and hyphens.');
        } elseif (isset($this->codes[$code])) {
            $errors[] = __('Hive :code exists already. Choose another code.', ['code' => $code]);
        }
        $this->codes[$code] = true;
        foreach ([[Column::BroodKind, $brood], [Column::SuperKind, $super]] as [$column, $kind]) {
            if ($kind === null) {
                $errors[] = __('The box kind ":kind" is not known. Use a name from Yards and kit, Box kinds.', [
                    'kind' => $row->text($column),
                ]);
            }
        }
        $slug = NewYard::slug($row->text(Column::Yard));
        $hasPlace = $row->text(Column::Latitude) !== '' && $row->text(Column::Longitude) !== '';
        if ($row->text(Column::Yard) === '') {
            $errors[] = __('In which yard?');
        } elseif (! isset($this->yards[$slug]) && ! $hasPlace) {
            $errors[] = __('Yard :yard does not exist. Set it up first, or give its latitude and longitude here.', [
                'yard' => $row->text(Column::Yard),
            ]);
        } else {
            $this->yards[$slug] = true;
        }

        return $errors;
    }
}
