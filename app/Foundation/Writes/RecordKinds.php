<?php

declare(strict_types=1);

namespace App\Foundation\Writes;

/** The kinds of record that there are, as config/records.php lists them. */
final class RecordKinds
{
    /** @return array<string, class-string<Record>> by the word for the kind; children first */
    public static function classes(): array
    {
        return array_map(static fn (array $kind): string => $kind[0], self::all());
    }

    /** @return list<string> scopes of the cache whose results are calculated again when this record changes */
    public static function scopesOf(Record $record): array
    {
        return (self::all()[$record->getMorphClass()][1])($record);
    }

    /** @return array<string, array{class-string<Record>, callable(Record): list<string>}> */
    private static function all(): array
    {
        /** @var array<string, array{class-string<Record>, callable(Record): list<string>}> */
        return config('records.kinds');
    }
}
