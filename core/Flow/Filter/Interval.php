<?php

declare(strict_types=1);

namespace Marjoram\Core\Flow\Filter;

use DateTimeImmutable;

/** What the scale gained from one midnight to another, less what was logged. */
final readonly class Interval
{
    /**
     * @param  int  $first  its first day
     * @param  int  $days  that it takes
     * @param  DateTimeImmutable  $at  of the later reading
     * @param  list<float>  $loggedKg
     * @param  bool  $isOpen  something was done in it that nobody weighed
     */
    public function __construct(
        public int $first,
        public int $days,
        public float $kg,
        public DateTimeImmutable $at,
        public array $loggedKg,
        public bool $isOpen,
    ) {
    }

    public function last(): int
    {
        return $this->first + $this->days - 1;
    }
}
