<?php

declare(strict_types=1);

namespace App\Transfer;

/** A table as it goes out and comes in. */
final readonly class WholeTable
{
    /**
     * @param  list<WholeColumn>  $columns
     * @param  list<string>  $people  columns that name a person
     * @param  array<string, string>  $parents  table referred to, by column
     * @param  array<string, class-string<\BackedEnum>>  $words  columns that hold one of a few words
     * @param  class-string<\App\Foundation\Writes\Record>|null  $model
     * @param  list<string>  $casts  attributes that the model reads as a value of their own
     * @param  string  $order  of rows that have no id; they belong to the operation by their one parent
     */
    public function __construct(
        public string $name,
        public array $columns,
        public array $people,
        public array $parents,
        public array $words,
        public ?string $model = null,
        public array $casts = [],
        public string $order = 'id',
    ) {
    }

    public function hasId(): bool
    {
        return $this->order === 'id';
    }

    /** The column by which rows without an id belong to something. */
    public function link(): string
    {
        return (string) array_key_first($this->parents);
    }

    public function parent(): string
    {
        return $this->parents[$this->link()] ?? '';
    }

    /** @return list<string> */
    public function names(): array
    {
        return array_map(static fn (WholeColumn $one): string => $one->name, $this->columns);
    }

    /** @return list<string> columns that may be empty */
    public function nullable(): array
    {
        $nullable = array_filter($this->columns, static fn (WholeColumn $one): bool => $one->isNullable);

        return array_values(array_map(static fn (WholeColumn $one): string => $one->name, $nullable));
    }
}
