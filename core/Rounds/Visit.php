<?php

declare(strict_types=1);

namespace Marjoram\Core\Rounds;

use DateTimeImmutable;
use Marjoram\Core\Clearing\Method;

/**
 * Some hives of a yard cleared by one method, with the days on which one comes to them: one day, or two where boards go
 * on before. The one shape of it, from the planner to the sheet of the day.
 */
final readonly class Visit
{
    /**
     * @param  string  $yard  its id
     * @param  DateTimeImmutable  $first  day of the first coming; the same as the last where one comes once
     * @param  DateTimeImmutable  $last  day on which the supers come in
     */
    public function __construct(
        public string $yard,
        public int $hives,
        public Method $method,
        public DateTimeImmutable $first,
        public DateTimeImmutable $last,
    ) {
    }

    /** Boards go on at a day of their own before. */
    public function places(): bool
    {
        return $this->method->takesTwoVisits();
    }

    public function firstDay(): string
    {
        return $this->first->format('Y-m-d');
    }

    public function lastDay(): string
    {
        return $this->last->format('Y-m-d');
    }

    public function isAs(self $other): bool
    {
        return $this->yard === $other->yard && $this->hives === $other->hives && $this->method === $other->method
            && $this->firstDay() === $other->firstDay() && $this->lastDay() === $other->lastDay();
    }
}
