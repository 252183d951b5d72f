<?php

declare(strict_types=1);

namespace App\Foundation\Writes;

use RuntimeException;

/** Nothing to take back, or others have built on it: in words, with nothing changed. */
final class CannotUndo extends RuntimeException
{
}
