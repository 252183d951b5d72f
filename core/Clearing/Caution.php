<?php

declare(strict_types=1);

namespace Marjoram\Core\Clearing;

/** What to mind with a method; the figures of each stand behind it. */
enum Caution: string
{
    case RightSideUp = 'right-side-up';

    case FollowTheLabel = 'follow-the-label';

    case NoiseAndDebris = 'noise-and-debris';

    case CoverAtOnce = 'cover-at-once';

    case BreakTheSealAgain = 'break-the-seal-again';

    /** hive: the first without an excluder */
    case LookForTheQueen = 'look-for-the-queen';
}
