<?php

declare(strict_types=1);

namespace Marjoram\Core\Notes;

/** One line as it was written on a lid: a hive, mostly a super of it, and what was seen. */
final readonly class NoteLine
{
    public const TOP = 0;

    /**
     * @param  int  $line  from 1
     * @param  string  $hive  its code, in capitals
     * @param  ?int  $super  above the brood from 1, or TOP; null where the line is of the hive alone
     * @param  int  $hiveColumn  from 1
     * @param  list<NoteItem>  $items
     */
    public function __construct(
        public int $line,
        public string $hive,
        public int $hiveColumn,
        public ?int $super,
        public int $superColumn,
        public array $items,
    ) {
    }
}
