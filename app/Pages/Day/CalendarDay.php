<?php

declare(strict_types=1);

namespace App\Pages\Day;

use App\Models\Apiary;
use DateTimeInterface;

/** An entry of a whole day. */
final readonly class CalendarDay
{
    /**
     * @param  int  $version  rises with each change, so that a calendar takes the newer one
     * @param  ?string  $reminder  said the evening before
     */
    public function __construct(
        public string $id,
        public int $version,
        public DateTimeInterface $on,
        public string $summary,
        public string $description,
        public ?Apiary $where = null,
        public ?string $reminder = null,
    ) {
    }
}
