<?php

declare(strict_types=1);

namespace App\Foundation\Writes;

/** Something beside the records whose changes stand in the audit trail and can be undone. */
interface TakesBack
{
    /** Puts back what this change replaced, while all of it still is as the change left it. */
    public function takeBack(Change $change): void;
}
