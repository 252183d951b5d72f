<?php

declare(strict_types=1);

namespace App\Pages\HoneyRoom;

use App\Models\RoomCheck;
use DateTimeImmutable;
use Illuminate\Validation\ValidationException;

/** What is looked at once a day before honey is poured (common practice). */
final class RoomChecks
{
    /** @return array<string, string> */
    public static function items(): array
    {
        return [
            'gate' => __('The tank\'s gate is shut.'),
            'gasket' => __('The gasket is whole and was tested with water.'),
            'dry' => __('Buckets and tank are dry.'),
            'food' => __('Buckets and tank are food grade and clean.'),
            'strainer' => __('The strainer is on.'),
            'lid' => __('The lids are ready.'),
        ];
    }

    public static function areDone(DateTimeImmutable $day): bool
    {
        return RoomCheck::query()->whereDate('checked_on', $day->format('Y-m-d'))->exists();
    }

    /** @throws ValidationException where they are not */
    public static function mustBeDone(DateTimeImmutable $day): void
    {
        if (! self::areDone($day)) {
            throw ValidationException::withMessages([
                'checks' => __('Before the first honey of the day is poured, tick the list: gate, gasket, dryness, strainer, lid.'),
            ]);
        }
    }
}
