<?php

declare(strict_types=1);

namespace App\Pages\Winter;

use App\Apiary\Hives\BoxState;
use App\Apiary\Winter\HiveWinter;
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

    /** Beside the weight of a super, where it is not known to be ripe. */
    public function ripeness(BoxState $box): string
    {
        return match (true) {
            $box->comesOff() => '',
            $box->isToLookAt() => ', '.__('to inspect'),
            default => ', '.__('not ripe'),
        };
    }

    /** The boxes that the calculation keeps, and no other. */
    public function isAsCalculated(): bool
    {
        $calculated = $this->winter->reserve->keep;

        return count($this->keep) === count($calculated) && array_diff($this->keep, $calculated) === [];
    }
}
