<?php

declare(strict_types=1);

namespace App\Apiary\Hives;

use DateTimeImmutable;

/** Where a box stands. */
final readonly class Position
{
    /**
     * @param  string  $hive  its code
     * @param  string  $mark  of the box
     * @param  int  $number  of the super above the brood (1 is the lowest), or of the brood box from the floor
     * @param  DateTimeImmutable  $since  when it was put there
     */
    public function __construct(
        public string $hiveId,
        public string $hive,
        public string $mark,
        public int $number,
        public DateTimeImmutable $since,
    ) {
    }
}
