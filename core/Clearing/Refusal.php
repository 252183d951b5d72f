<?php

declare(strict_types=1);

namespace Marjoram\Core\Clearing;

/** Why a method cannot be used at a yard; the figures of each stand behind it. */
enum Refusal: string
{
    case NoSuper = 'no-super';

    /** boards, hives, short */
    case TooFewBoards = 'too-few-boards';

    /** hives: their ids */
    case BroodAbove = 'brood-above';

    case TooFewDays = 'too-few-days';

    case NoFumeBoard = 'no-fume-board';

    case NoBlower = 'no-blower';

    /** celsius: the least */
    case NoWarmDryDay = 'no-warm-dry-day';

    case NoDryDay = 'no-dry-day';

    /** The hives were robbed a few days ago: none is opened with its honey in the air */
    case Robbed = 'robbed';

    /** celsius: the most */
    case NoColdDryDay = 'no-cold-dry-day';
}
