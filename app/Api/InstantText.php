<?php

declare(strict_types=1);

namespace App\Api;

use DateTimeImmutable;
use Exception;
use Marjoram\Core\InvalidInput;

/** Dates and instants as text. */
final class InstantText
{
    /** @throws InvalidInput when the text is no ISO 8601 instant */
    public static function of(string $text, string $pointer): DateTimeImmutable
    {
        try {
            if (
                preg_match('/^\d{4}-\d\d-\d\d([T ]\d\d:\d\d(:\d\d(\.\d+)?)?(Z|[+-]\d\d:?\d\d)?)?$/', $text) === 1 &&
                checkdate((int) substr($text, 5, 2), (int) substr($text, 8, 2), (int) substr($text, 0, 4))
            ) {
                return new DateTimeImmutable($text);
            }
        } catch (Exception) {
            // Said below, with what is allowed.
        }
        throw InvalidInput::because(
            '":text" is not a time.',
            'ISO 8601, such as 2026-08-04T19:00:00+02:00',
            $pointer,
            ['text' => $text],
        );
    }

    /**
     * @param  list<string>  $texts
     * @return list<DateTimeImmutable>
     *
     * @throws InvalidInput when one is no date
     */
    public static function days(array $texts, string $pointer): array
    {
        return array_map(
            static fn (string $text, int $i): DateTimeImmutable => self::day($text, "$pointer/$i"),
            $texts,
            array_keys($texts),
        );
    }

    /** @throws InvalidInput when the text is no date */
    public static function day(string $text, string $pointer): DateTimeImmutable
    {
        if (
            preg_match('/^\d{4}-\d\d-\d\d$/', $text) !== 1 ||
            ! checkdate((int) substr($text, 5, 2), (int) substr($text, 8, 2), (int) substr($text, 0, 4))
        ) {
            throw InvalidInput::because(
                '":text" is not a date.',
                'a date such as 2026-10-01',
                $pointer,
                ['text' => $text],
            );
        }

        return new DateTimeImmutable($text);
    }
}
