<?php

declare(strict_types=1);

namespace Marjoram\Core\HoneyRoom;

/** A rule of the average system. */
enum PrepackRule: string
{
    /** The mean is not below the nominal quantity. */
    case Mean = 'mean';

    /** At most one in forty is short by more than the tolerable error. */
    case Short = 'short';

    /** None is short by more than twice the tolerable error. */
    case TwiceShort = 'twice-short';
}
