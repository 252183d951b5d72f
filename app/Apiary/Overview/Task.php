<?php

declare(strict_types=1);

namespace App\Apiary\Overview;

use DateTimeImmutable;
use DateTimeInterface;

/** Something to do next at a yard. Plain values, since it is cached. */
final readonly class Task
{
    /**
     * @param  string  $yard  its slug
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

    /** The day when it starts, today where that is past. */
    public function startsOn(DateTimeImmutable $today): DateTimeImmutable
    {
        return $today->modify('+'.max(0, $this->from).' days');
    }

    /** Whole days from one date to another. */
    public static function daysBetween(DateTimeInterface $from, DateTimeInterface $to): int
    {
        return (int) round((strtotime($to->format('Y-m-d')) - strtotime($from->format('Y-m-d'))) / 86400);
    }
}
