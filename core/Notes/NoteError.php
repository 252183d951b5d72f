<?php

declare(strict_types=1);

namespace Marjoram\Core\Notes;

/** A word that cannot be read: where it stands and what is allowed there. */
final readonly class NoteError
{
    /**
     * @param  int  $line  from 1
     * @param  int  $column  of its first letter, from 1
     * @param  int  $length  letters
     * @param  string  $sentence  with :word for it
     */
    public function __construct(
        public int $line,
        public int $column,
        public int $length,
        public string $word,
        public string $sentence,
    ) {
    }
}
