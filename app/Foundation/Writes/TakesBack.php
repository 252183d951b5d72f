<?php

declare(strict_types=1);

namespace App\Foundation\Writes;

/** A model that is no record, whose changes are in the audit trail and can be undone. */
interface TakesBack
{
    /** Restores the values before this change, if every value is still as the change left it. */
    public function takeBack(Change $change): void;
}
