<?php

declare(strict_types=1);

namespace Marjoram\Core\Reserve;

/** What weighings say of one hive's use. */
final readonly class HiveUse
{
    /**
     * @param  float  $factor  on what is calculated
     * @param  float  $ratio  as observed
     */
    public function __construct(public float $factor, public float $sd, public float $ratio)
    {
    }
}
