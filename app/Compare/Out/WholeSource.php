<?php

declare(strict_types=1);

namespace App\Compare\Out;

/** A whole operation as it comes in, whichever form it has. */
interface WholeSource
{
    /** @return array<array-key, mixed> of the operation */
    public function settings(): array;

    /** @return iterable<array-key, array<array-key, mixed>> by column; none where the table is not in it */
    public function rows(WholeTable $table): iterable;
}
