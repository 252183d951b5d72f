<?php

declare(strict_types=1);

namespace App\Pages\Clear;

use Marjoram\Core\Clearing\DayForecast;
use Marjoram\Core\Clearing\Method;
use Marjoram\Core\Clearing\MethodOutcome;
use Marjoram\Core\Statement;

/** The methods of clearing one yard, each at its best over the days known. */
final readonly class Compared
{
    /**
     * @param  list<MethodOutcome>  $methods  best first
     * @param  Statement  $reason  why the first stands before the second
     * @param  list<DayForecast>  $forecast
     * @param  bool  $presumed  climate means stand in for a forecast
     */
    public function __construct(
        public array $methods,
        public Statement $reason,
        public array $forecast,
        public bool $presumed,
    ) {
    }

    public function of(?Method $method): ?MethodOutcome
    {
        foreach ($this->methods as $one) {
            if ($one->method === $method) {
                return $one;
            }
        }

        return null;
    }

    /** The first in rank, where it can be done. */
    public function best(): ?MethodOutcome
    {
        $first = $this->methods[0] ?? null;

        return $first?->feasible() === true ? $first : null;
    }
}
