<?php

declare(strict_types=1);

namespace App\Transfer;

/** A whole operation as it comes in, whichever form it has. */
interface WholeSource
{
    /** So much may be unpacked and read, beside photographs; asked before anything is read. */
    public const MOST_BYTES = 200_000_000;

    /** @return array<array-key, mixed> of the operation */
    public function settings(): array;

    /**
     * The rows of a table; none where the table is not in it. May be asked for again.
     *
     * @return iterable<int, array<array-key, mixed>> by column
     *
     * @throws Unreadable saying where
     */
    public function rows(WholeTable $table): iterable;

    /** The photograph of this name, as it is in the file; null where it is not in it. */
    public function photograph(string $sha256): ?string;
}
