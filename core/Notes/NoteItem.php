<?php

declare(strict_types=1);

namespace Marjoram\Core\Notes;

use Marjoram\Core\Comb\Face;
use Marjoram\Core\Moisture\Reading;

/** One item of a line, with the place of its first word (NoteKind says what of it is there). */
final readonly class NoteItem
{
    /** @param  int  $column  of its first letter, from 1 */
    public function __construct(
        public NoteKind $kind,
        public int $column,
        public ?int $slot = null,
        public Face $a = new Face,
        public Face $b = new Face,
        public ?bool $passed = null,
        public ?Reading $reading = null,
        public ?float $number = null,
        public string $text = '',
    ) {
    }
}
