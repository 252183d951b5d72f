<?php

declare(strict_types=1);

namespace Marjoram\Core\Rounds;

/** What keeps a yard from being served, or from being served in time; the figures of each stand behind it. */
enum ShortfallReason: string
{
    case NoCrewTime = 'no-crew-time';

    case NoKit = 'no-kit';

    /** from: the day on which the yard is ready */
    case NoCrewDay = 'no-crew-day';

    /** from */
    case NoWeather = 'no-weather';

    /** hives, boards, short */
    case TooFewBoards = 'too-few-boards';

    /** supers, room */
    case BeyondTruckload = 'beyond-truckload';

    /** supers, room */
    case BeyondHoneyRoom = 'beyond-honey-room';

    /** short: minutes */
    case FitsNoDay = 'fits-no-day';

    /** ready, deadline */
    case NoDayInTime = 'no-day-in-time';

    /** It would fit, and the search has not found it worth its cost. */
    case WouldFit = 'would-fit';

    /** What this plan leaves no room for. */
    case Lacks = 'lacks';
}
