<?php

declare(strict_types=1);

namespace Marjoram\Core\Spin;

/** Which side of the combs empties. */
enum SpinSide: string
{
    case First = 'first';
    case Second = 'second';
    case Both = 'both';
}
