<?php

declare(strict_types=1);

namespace App\Winter;

use App\YardState\BoxState;
use App\YardState\Winter\HiveWinter;
use Marjoram\Core\Reserve\ReserveResult;

/** What would be if other boxes stayed on a hive, and what each school would leave. */
final readonly class WhatIf
{
    /**
     * @param  list<string>  $keep  ids of the boxes that would stay
     * @param  list<SchoolRow>  $schools
     */
    public function __construct(
        public HiveWinter $winter,
        private array $keep,
        public ReserveResult $result,
        public array $schools,
    ) {
    }

    public function stays(BoxState $box): bool
    {
        return in_array($box->id, $this->keep, true);
    }

    /** The boxes that the reckoning keeps, and no other. */
    public function isAsReckoned(): bool
    {
        $reckoned = $this->winter->reserve->keep;

        return count($this->keep) === count($reckoned) && array_diff($this->keep, $reckoned) === [];
    }
}
