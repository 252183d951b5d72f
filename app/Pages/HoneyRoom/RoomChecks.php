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
            'gate' => __('The gate is shut.'),
            'gasket' => __('Its gasket is whole, tried with water.'),
            'dry' => __('Buckets and tank are dry.'),
            'food' => __('They are food grade and clean.'),
            'strainer' => __('The strainer is on.'),
            'lid' => __('Lids lie at hand.'),
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
