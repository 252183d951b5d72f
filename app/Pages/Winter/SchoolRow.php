<?php

declare(strict_types=1);

namespace App\Pages\Winter;

use Marjoram\Core\Reserve\ReserveResult;
use Marjoram\Core\Reserve\StoredBox;
use Marjoram\Core\Reserve\WinterSchool;

/** What a school would leave on a hive. */
final readonly class SchoolRow
{
    /** @param  float  $takenKg  honey that it lets go */
    private function __construct(
        public WinterSchool $school,
        public ReserveResult $result,
        public float $takenKg,
        public bool $isYours,
    ) {
    }

    /** @param  list<StoredBox>  $boxes */
    public static function of(WinterSchool $school, ReserveResult $result, array $boxes, bool $isYours): self
    {
        $goes = array_filter($boxes, static fn (StoredBox $box): bool => in_array($box->id, $result->mayTake, true));
        $kg = array_sum(array_map(static fn (StoredBox $box): float => $box->honeyKg, $goes));

        return new self($school, $result, $kg, $isYours);
    }
}
