<?php

declare(strict_types=1);

namespace App\Foundation\Writes;

use Illuminate\Database\DetectsConcurrencyErrors;
use Throwable;

/** Tells whether a write failed because another held its rows (it may be tried again) or because it is wrong. */
final class Contention
{
    use DetectsConcurrencyErrors;

    /** The sentence shown after the last try. */
    public static function sentence(): string
    {
        return __('Others were saving here at the same time. Nothing was saved. Send the form again.');
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
