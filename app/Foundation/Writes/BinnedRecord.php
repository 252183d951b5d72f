<?php

declare(strict_types=1);

namespace App\Foundation\Writes;

/** A record in the bin, with the word of its kind. */
final readonly class BinnedRecord
{
    /** @param  ?string  $hive  code of the hive that it belongs to */
    public function __construct(public string $kind, public Record $record, public ?string $hive)
    {
    }

    public function binnedAt(): string
    {
        return (string) $this->record->getRawOriginal('deleted_at');
    }
}
