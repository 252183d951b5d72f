<?php

declare(strict_types=1);

namespace App\Foundation\Writes;

use Illuminate\Database\DetectsConcurrencyErrors;
use Throwable;

/** Tells a write that stood in another's way, and may be tried again, from one that is wrong. */
final class Contention
{
    use DetectsConcurrencyErrors;

    /** What is said where it was tried for long enough. */
    public static function sentence(): string
    {
        return __('Others were writing here at the same time. Nothing was saved: send it once more.');
    }

    public static function is(?Throwable $error): bool
    {
        while ($error !== null) {
            if ((new self)->causedByConcurrencyError($error)) {
                return true;
            }
            $error = $error->getPrevious();
        }

        return false;
    }
}
