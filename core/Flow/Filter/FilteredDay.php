<?php

declare(strict_types=1);

namespace Marjoram\Core\Flow\Filter;

/** What the filter knows of a day so far. */
final readonly class FilteredDay
{
    /** @param  ?float  $gainKg  where the scale alone tells it */
    public function __construct(public string $date, public ?float $gainKg, public Shares $p)
    {
    }
}
