<?php

declare(strict_types=1);

namespace App\Pages\Watch\Blooms;

use App\Foundation\Units\Formatter;
use DateTimeImmutable;

/** When a plant flowers as the operation has seen it, and what the scale gained meanwhile. */
final readonly class UsualBloom
{
    /**
     * @param  int  $seasons  of which it is known
     * @param  DateTimeImmutable  $earliest  beginning, set to this season
     * @param  ?float  $keptKg  a season, while it flowered; null where no scale spoke
     */
    public function __construct(
        public string $plant,
        public int $seasons,
        public DateTimeImmutable $earliest,
        public DateTimeImmutable $latest,
        public ?float $keptKg,
        public bool $here,
    ) {
    }

    public function begins(Formatter $format): string
    {
        return $this->seasons === 1
            ? __('began :day', ['day' => $format->day($this->earliest)])
            : __('usually begins :from to :to', [
                'from' => $format->day($this->earliest),
                'to' => $format->day($this->latest),
            ]);
    }
}
