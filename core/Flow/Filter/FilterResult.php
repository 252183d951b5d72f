<?php

declare(strict_types=1);

namespace Marjoram\Core\Flow\Filter;

use Marjoram\Core\Flow\Phase;
use Marjoram\Core\Flow\ScaleStep;
use Marjoram\Core\Statement;

/** What the filter knows of each day and of today. */
final readonly class FilterResult
{
    /**
     * @param  list<FilteredDay>  $days
     * @param  list<ScaleStep>  $manipulations
     * @param  float  $pOver  no more than 2 kg is to come in the next 14 days
     * @param  float  $pResumes  that nectar worth the name comes on one of the next ten days
     * @param  ?EndedRange  $ended  null where it is not likelier over than not
     * @param  list<Statement>  $reasons  of FilterReasons, with log_odds; the strongest first, what to look at last
     * @param  ?float  $recentKgPerDay  over the last week that was weighed; null where that cannot be told
     */
    public function __construct(
        public array $days,
        public array $manipulations,
        public Phase $phase,
        public float $pOver,
        public float $pResumes,
        public ?EndedRange $ended,
        public float $nextKg,
        public float $nextSdKg,
        public array $reasons,
        public ?float $recentKgPerDay,
    ) {
    }
}
