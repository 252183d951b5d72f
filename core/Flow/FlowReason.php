<?php

declare(strict_types=1);

namespace Marjoram\Core\Flow;

/** What bears on whether the flow is over; the figures of each stand behind it. */
enum FlowReason: string
{
    /** Fewer than three full days of readings. */
    case TooFewDays = 'too-few-days';

    /** kg: a day; phase */
    case ScaleChange = 'scale-change';

    /** sign, result, on: the day, ratio: of likelihoods */
    case SignSeen = 'sign-seen';
}
