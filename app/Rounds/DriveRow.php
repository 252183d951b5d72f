<?php

declare(strict_types=1);

namespace App\Rounds;

/** A drive from one place to another, in minutes. */
final readonly class DriveRow
{
    /**
     * @param  string  $key  id of the yard, or the word for the honey room
     * @param  ?float  $own  as the keeper knows it
     * @param  float  $reckoned  by the coordinates
     */
    public function __construct(public string $key, public string $name, public ?float $own, public float $reckoned)
    {
    }
}
