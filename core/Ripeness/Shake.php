<?php

declare(strict_types=1);

namespace Marjoram\Core\Ripeness;

/** The shake test: does nectar rain from a frame held flat and jerked? Evidence, no measurement. */
enum Shake: string
{
    case Passed = 'passed';
    case Failed = 'failed';
}
