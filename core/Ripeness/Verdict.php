<?php

declare(strict_types=1);

namespace Marjoram\Core\Ripeness;

/** What to do with a super. */
enum Verdict: string
{
    /** The policy is met with the confidence asked for. */
    case Take = 'take';

    /** Not quite, but it can be dried in the closed room before extraction. */
    case TakeAndDry = 'take-and-dry';

    /** The bees are still at it. */
    case Wait = 'wait';

    /** Some frames are ripe by themselves, or there is brood: sort the frames. */
    case Rearrange = 'rearrange';

    /** It stays with the bees. */
    case Leave = 'leave';

    /** Too little is known: one more frame would tell. */
    case Look = 'look';

    /** Only its water is in doubt: a reading would tell. */
    case ReadWater = 'read-water';

    /** Whether one more look decides: a frame, or a reading. */
    public function asksToLook(): bool
    {
        return $this === self::Look || $this === self::ReadWater;
    }

    public function comesOff(): bool
    {
        return $this === self::Take || $this === self::TakeAndDry;
    }
}
