<?php

declare(strict_types=1);

namespace App\Devices;

use RuntimeException;

/** An instrument or a service that gave no answer, or none that makes sense. */
final class Unreachable extends RuntimeException
{
}
