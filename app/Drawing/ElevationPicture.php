<?php

declare(strict_types=1);

namespace App\Drawing;

/** An apiary's elevation: its hives along the ground line. */
final readonly class ElevationPicture
{
    /** @param  list<HivePicture>  $hives */
    public function __construct(public array $hives, public string $label)
    {
    }
}
