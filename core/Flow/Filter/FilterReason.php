<?php

declare(strict_types=1);

namespace Marjoram\Core\Flow\Filter;

/** What bears on whether the flow is over; the sign, where it is one, and the log odds stand behind it. */
enum FilterReason: string
{
    case ScaleLastDays = 'scale-last-5-days';
    case ScaleBefore = 'scale-before';
    case Weather = 'weather';
    case Sign = 'sign';
    case LookSign = 'look';
    case LookScale = 'look-scale';
}
