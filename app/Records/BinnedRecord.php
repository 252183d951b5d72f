<?php

declare(strict_types=1);

namespace App\Records;

/** A record in the bin, with the word of its kind. */
final readonly class BinnedRecord
{
    public function __construct(public string $kind, public Record $record)
    {
    }

    public function binnedAt(): string
    {
        return (string) $this->record->getRawOriginal('deleted_at');
    }
}
