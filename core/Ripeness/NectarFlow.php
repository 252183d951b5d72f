<?php

declare(strict_types=1);

namespace Marjoram\Core\Ripeness;

/** Whether nectar is still coming in, as far as it bears on ripening. */
enum NectarFlow: string
{
    case On = 'on';
    case Slow = 'slow';
    case Over = 'over';
    case Unknown = 'unknown';
}
