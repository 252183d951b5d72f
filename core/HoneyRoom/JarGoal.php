<?php

declare(strict_types=1);

namespace Marjoram\Core\HoneyRoom;

/** What a plan for jars is to reach. */
enum JarGoal: string
{
    case LeastLeft = 'least-left';

    case MostValue = 'most-value';
}
