<?php

declare(strict_types=1);

namespace Marjoram\Core\HoneyRoom;

/** What is poured together, in its order, and what is left. */
final readonly class BlendResult
{
    /**
     * @param  list<WetBucket>  $take  the driest first; the last may be a part
     * @param  ?float  $waterPct  of the blend; null where nothing goes in
     * @param  list<WetBucket>  $left  for the bees, for baking, for mead
     */
    public function __construct(public array $take, public float $kg, public ?float $waterPct, public array $left)
    {
    }
}
