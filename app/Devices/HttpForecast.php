<?php

declare(strict_types=1);

namespace App\Devices;

use DateTimeImmutable;

/**
 * A weather service behind HTTP: the stand-in that ships with the application, or a real one's bridge of the same
 * shape.
 */
final readonly class HttpForecast implements Forecast
{
    public function days(float $latitude, float $longitude, array $climate, DateTimeImmutable $from, int $days): array
    {
        $given = (new DeviceCall)->json(DeviceAddress::configured('weather'), '/forecast', [
            'latitude' => $latitude,
            'longitude' => $longitude,
            'climate' => implode(',', $climate),
            'from' => $from->format('Y-m-d'),
            'days' => $days,
        ]) ?? throw new Unreachable(
            __('The weather service did not answer. The last forecast stays. You can also enter days by hand.'),
        );
        $rows = [];
        foreach (is_array($given['days'] ?? null) ? $given['days'] : [] as $day) {
            $rows[] = self::day($day);
        }
        if ($rows === []) {
            throw new Unreachable(
                __('The weather service gave no days. The last forecast stays. You can also enter days by hand.'),
            );
        }

        return $rows;
    }

    /**
     * @return array{date: string, min_c: float, max_c: float, rain_p: float, sun: float}
     *
     * @throws Unreachable when a value is impossible on earth
     */
    private static function day(mixed $day): array
    {
        $number = static function (string $key, float $lo, float $hi) use ($day): float {
            $value = is_array($day) ? $day[$key] ?? null : null;
            if (! is_numeric($value) || (float) $value < $lo || (float) $value > $hi) {
                throw new Unreachable(
                    __('The weather service gave :key = :value; allowed are :lo to :hi. The forecast was not used.', [
                        'key' => $key,
                        'value' => is_scalar($value) ? (string) $value : '?',
                        'lo' => $lo,
                        'hi' => $hi,
                    ]),
                );
            }

            return (float) $value;
        };
        $date =
            is_array($day) && is_string($day['date'] ?? null) && preg_match('/^\d{4}-\d\d-\d\d$/', $day['date']) === 1
                ? $day['date']
                : throw new Unreachable(__('The weather service gave a day without a date. The forecast was not used.'));

        return [
            'date' => $date,
            'min_c' => $number('min_c', -40.0, 55.0),
            'max_c' => $number('max_c', -40.0, 55.0),
            'rain_p' => $number('rain_p', 0.0, 1.0),
            'sun' => $number('sun', 0.0, 1.0),
        ];
    }
}
