<?php

declare(strict_types=1);

namespace App\Transfer;

use Illuminate\Support\Str;

/** The ids that the records of a document get in this installation, in the order of their old ones. */
final readonly class NewIds
{
    private const ID = '/\b[0-7][0-9a-hjkmnp-tv-z]{25}\b/i';

    /** @param  array<array-key, array{string, string}>  $known  table and new id, by old id in small letters */
    private function __construct(private array $known)
    {
    }

    /**
     * @param  iterable<WholeTable>  $tables
     *
     * @throws Unreadable where an id is missing or stands twice, or there are too many rows
     */
    public static function of(iterable $tables, WholeSource $source): self
    {
        $known = [];
        $rows = 0;
        foreach ($tables as $table) {
            foreach ($source->rows($table) as $row) {
                if (++$rows > WholeReader::MOST_ROWS) {
                    throw Unreadable::because(__('more than :n rows are not read', ['n' => WholeReader::MOST_ROWS]));
                }
                $id = $row['id'] ?? null;
                if (! $table->hasId()) {
                    continue;
                }
                if (! is_string($id) || ! Str::isUlid($id)) {
                    throw Unreadable::because(__('a row of :table has no id', ['table' => $table->name]));
                }
                if (isset($known[strtolower($id)])) {
                    throw Unreadable::because(__('the id :id occurs twice', ['id' => $id]));
                }
                $known[strtolower($id)] = [$table->name, ''];
            }
        }
        ksort($known, SORT_STRING);
        foreach ($known as $old => [$table]) {
            $known[$old] = [$table, strtolower((string) Str::ulid())];
        }

        return new self($known);
    }

    public function count(): int
    {
        return count($this->known);
    }

    /** @return ?string the new id of a record of this table; null if the table has no such record */
    public function in(string $table, string $old): ?string
    {
        [$of, $new] = $this->known[strtolower($old)] ?? ['', ''];

        return $of === $table ? $new : null;
    }

    /** A text with the ids that stand in it, such as a frozen value, exchanged. */
    public function exchanged(string $text): string
    {
        return strlen($text) < 26 ? $text : (string) preg_replace_callback(
            self::ID,
            fn (array $found): string => $this->known[strtolower($found[0])][1] ?? $found[0],
            $text,
        );
    }
}
