<?php

declare(strict_types=1);

namespace App\Pages\Field\Paper;

/** One super on the yard's paper: empty faces to shade, and the beginning of its short note. */
final readonly class PaperRow
{
    /**
     * @param  string  $name  "super 2"
     * @param  string  $note  as its short note begins
     * @param  string  $last  the last verdict, in words
     * @param  string  $picture  address of the drawing
     */
    public function __construct(
        public string $name,
        public string $note,
        public string $last,
        public string $picture,
    ) {
    }
}
