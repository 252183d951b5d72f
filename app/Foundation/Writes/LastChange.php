<?php

declare(strict_types=1);

namespace App\Foundation\Writes;

use Illuminate\Database\Eloquent\Model;

/** Who changed a record last, and when: shown to a person whose own change came too late. */
final class LastChange
{
    /** @return array{by: string, at: ?string} */
    public static function of(Record $record): array
    {
        $line = Activity::ofThisOperation()
            ->where('subject_type', $record->getMorphClass())
            ->where('subject_id', $record->id)
            ->whereNull('undone_at')
            ->with('causer')
            ->latest('id')
            ->first();

        return ['by' => self::nameOf($line?->causer), 'at' => $line?->created_at?->toIso8601String()];
    }

    /** Null for a person who has left the operation, and for a program. */
    public static function nameOf(?Model $person): string
    {
        $name = $person?->getAttribute('name');

        return is_string($name) && $name !== '' ? $name : __('someone else');
    }
}
