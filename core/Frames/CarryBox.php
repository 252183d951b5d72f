<?php

declare(strict_types=1);

namespace Marjoram\Core\Frames;

/** A carrying box as it is filled at the hives. */
final readonly class CarryBox
{
    /**
     * @param  list<string>  $frames  ids, in the slots from 1
     * @param  float  $kg  with the box
     */
    public function __construct(public int $number, public array $frames, public float $kg)
    {
    }
}
