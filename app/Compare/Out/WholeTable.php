<?php

declare(strict_types=1);

namespace App\Compare\Out;

/** A table as it goes out and comes in. */
final readonly class WholeTable
{
    /**
     * @param  list<WholeColumn>  $columns
     * @param  list<string>  $people  columns that name a person
     * @param  array<string, string>  $parents  table referred to, by column
     * @param  array<string, class-string<\BackedEnum>>  $words  columns that hold one of a few words
     */
    public function __construct(
        public string $name,
        public array $columns,
        public array $people,
        public array $parents,
        public array $words,
    ) {
    }

    public function hasId(): bool
    {
        return $this->name !== WholeTables::READINGS;
    }

    /** @return list<string> */
    public function names(): array
    {
        return array_map(static fn (WholeColumn $one): string => $one->name, $this->columns);
    }
}
