<?php

declare(strict_types=1);

namespace Marjoram\Core\HoneyRoom;

/** What a hive or a super gave of the honey weighed. */
final readonly class Allotted
{
    /** @param  float  $share  of all that was weighed, 0 to 1 */
    public function __construct(public float $kg, public float $sdKg, public float $share)
    {
    }
}
