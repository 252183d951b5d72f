<?php

declare(strict_types=1);

namespace App\Pages\Watch\Chart;

use DateTimeImmutable;
use Marjoram\Core\Flow\Filter\FilteredDay;

/** A day of the chart, to be read. */
final readonly class WatchedDay
{
    /** @param  ?float  $flight  share of a day of full flight */
    public function __construct(
        public DateTimeImmutable $day,
        public ?float $gainKg,
        public ?FilteredDay $state,
        public ?float $flight,
    ) {
    }
}
