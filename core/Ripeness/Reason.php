<?php

declare(strict_types=1);

namespace Marjoram\Core\Ripeness;

/** Why a verdict is what it is; the figures of each stand behind it. Shares and probabilities are 0 to 1. */
enum Reason: string
{
    case Brood = 'brood';

    /** p: of the policy being met; asked: by the policy */
    case PolicyMet = 'policy-met';

    /** p, asked */
    case PolicyOpen = 'policy-open';

    /** p, asked */
    case PolicyNotMet = 'policy-not-met';

    /** share: capped of the honey; low, high: in 8 of 10 cases; asked */
    case CappedShare = 'capped-share';

    /** read_pct: mean of the readings; pct: with the capping; low_pct, high_pct: in 8 of 10 cases; most_pct */
    case WaterMeasured = 'water-measured';

    /** pct; low_pct, high_pct: in 8 of 10 cases; most_pct */
    case WaterPresumed = 'water-presumed';

    /** frames: not looked at; of: all */
    case FramesPresumed = 'frames-presumed';

    /** frames */
    case FramesGlanced = 'frames-glanced';

    /** frames: of which nobody said what is not capped */
    case RestUnstated = 'rest-unstated';

    case UnderCapped = 'under-capped';

    /** most_pct: by the standards */
    case CanDry = 'can-dry';

    case FlowOn = 'flow-on';

    /** All is capped and too wet: capped honey does not dry on the hive */
    case Sealed = 'sealed';

    /** frames */
    case SomeFramesRipe = 'some-frames-ripe';

    case NoHoney = 'no-honey';

    /** most_pct: by the policy */
    case ShakeFailed = 'shake-failed';

    /** Nobody has looked since the season ended, and the next has not begun */
    case SeasonOver = 'season-over';

    /** days: since it was put on without honey, and nobody has looked */
    case PutOnEmpty = 'put-on-empty';

    /** days: of those since it was put on, on which nectar may have come in */
    case LittleNectarSince = 'little-nectar-since';
}
