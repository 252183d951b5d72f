<?php

declare(strict_types=1);

namespace App\Desk;

/** Something to do next at a yard. */
final readonly class Task
{
    /**
     * @param  string  $glyph  of the drawing: look, board, take, feed, wait, weigh
     * @param  int  $from  days from today when it starts
     * @param  ?int  $until  days from today when it ends
     * @param  int  $urgency  lower comes first
     * @param  ?float  $kg  shown after the detail in the reader's unit
     */
    public function __construct(
        public string $yard,
        public string $glyph,
        public string $words,
        public string $detail,
        public string $href,
        public int $from,
        public ?int $until,
        public int $urgency,
        public ?float $kg = null,
    ) {
    }
}
