<?php

declare(strict_types=1);

namespace App\Foundation\Writes;

use RuntimeException;

/** There is nothing to undo, or others have changed it since; the message says which. */
final class CannotUndo extends RuntimeException
{
}
