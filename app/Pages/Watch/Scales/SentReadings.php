<?php

declare(strict_types=1);

namespace App\Pages\Watch\Scales;

use DateTimeImmutable;
use DateTimeZone;
use Throwable;

/**
 * What a device sent: each reading taken or refused by itself, so that one bad value loses no other. A device whose
 * clock is off is set right by when it says that it sends.
 */
final readonly class SentReadings
{
    /** A clock with a smaller error counts as right, seconds. */
    private const SKEW_S = 120;

    /** A clock with a larger error is not corrected, seconds. */
    private const MOST_SKEW_S = 2 * 86400;

    private const AHEAD_S = 300;

    private const MOST_KG = 500.0;

    /**
     * @param  array<int, float>  $readings  kg by moment
     * @param  list<array{index: int, why: string}>  $refused
     * @param  ?int  $skewS  how far the device's clock is before ours; null where it does not say when it sent
     */
    private function __construct(public array $readings, public array $refused, public ?int $skewS)
    {
    }

    /** @param  array<array-key, mixed>  $readings */
    public static function of(array $readings, mixed $sentAt, DateTimeImmutable $now): self
    {
        $sent = self::moment($sentAt);
        $skew = $sent === null ? null : $sent->getTimestamp() - $now->getTimestamp();
        $shift = $skew === null || abs($skew) < self::SKEW_S || abs($skew) > self::MOST_SKEW_S ? 0 : $skew;
        $taken = $refused = [];
        foreach (array_values($readings) as $i => $one) {
            $at = self::moment(is_array($one) ? $one['at'] ?? null : null);
            $kg = is_array($one) ? $one['kg'] ?? null : null;
            $why = match (true) {
                $at === null => __('at: must be a time with its zone, such as 2026-07-01T14:15:00+02:00'),
                ! is_int($kg) && ! is_float($kg) => __('kg: must be a number'),
                $kg < 0 || $kg > self::MOST_KG => __('kg: must be between 0 and 500'),
                $at->getTimestamp() - $shift > $now->getTimestamp() + self::AHEAD_S => __('at: this time is in the future'),
                $at->getTimestamp() < 631152000 => __('at: before 1990'),
                default => '',
            };
            if ($why !== '') {
                $refused[] = ['index' => $i, 'why' => $why];
            } elseif ($at !== null) {
                $taken[$at->getTimestamp() - $shift] = round((float) $kg, 3);
            }
        }

        return new self($taken, $refused, $skew);
    }

    /** A moment must have its time zone. */
    private static function moment(mixed $text): ?DateTimeImmutable
    {
        if (! is_string($text) || preg_match('/^\d{4}-\d\d-\d\d[T ]\d\d:\d\d(:\d\d(\.\d+)?)?(Z|[+-]\d\d:?\d\d)$/', $text) !== 1) {
            return null;
        }
        try {
            return (new DateTimeImmutable($text))->setTimezone(new DateTimeZone('UTC'));
        } catch (Throwable) {
            return null;
        }
    }
}
