<?php

declare(strict_types=1);

namespace Marjoram\Core\Frames;

/** What is done with the frames that stay. */
final readonly class GatherPlan
{
    /**
     * @param  list<FrameShift>  $shifts  in the order of the hands: each goes into a slot that is free by then
     * @param  list<StandingBox>  $after  from the lowest, as they stand then
     * @param  list<string>  $emptied  ids of boxes that hold no honey any more and come off
     */
    public function __construct(public array $shifts, public array $after, public array $emptied)
    {
    }
}
