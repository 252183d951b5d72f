<?php

declare(strict_types=1);

namespace Database\Seeders\Demo;

use DateTimeImmutable;
use Marjoram\Core\Numerics\SeededRandom;

/** Invented weather and nectar of the demo's country: what the scale shows day by day. */
final readonly class Climate
{
    /** Monthly means in degrees C, January first; southern Sweden as it is roughly known (from memory, rounded). */
    public const MEANS = [0.5, 0.5, 2.5, 7.0, 12.0, 15.5, 17.5, 17.0, 13.5, 9.0, 5.0, 2.0];

    public function __construct(private SeededRandom $random)
    {
    }

    /**
     * Net gain of a strong hive by day of a season, kg: rape around 24 May, lime around 16 July, heather in August.
     *
     * @return array<string, array{float, float}> that, and how good the day was for flying: 0 as usual, about -1 to 1
     */
    public function gains(int $season, float $rape, float $lime, float $heather, string $until): array
    {
        $gains = [];
        $weather = 0.0;
        for (
            $day = new DateTimeImmutable("$season-04-01");
            $day->format('Y-m-d') <= $until;
            $day = $day->modify('+1 day')
        ) {
            $weather = 0.6 * $weather + $this->random->normal(0.0, 0.5);
            $nectar =
                $rape * self::bell($day, "$season-05-24", 9.0) +
                $lime * self::bell($day, "$season-07-16", 7.4) +
                $heather * self::bell($day, "$season-08-16", 9.0);
            $use = 0.12 + 0.1 * self::bell($day, "$season-06-20", 30.0);
            $gain = max(0.0, $nectar * (1.0 + 0.45 * $weather)) - $use + $this->random->normal(0.0, 0.05);
            $gains[$day->format('Y-m-d')] = [round($gain, 3), $weather];
        }

        return $gains;
    }

    /**
     * @return list<array{date: string, min_c: float, max_c: float, rain_p: float, sun: float}>
     */
    public function forecast(DateTimeImmutable $from, int $days): array
    {
        $rows = [];
        $cloud = -0.8;
        for ($i = 0; $i < $days; $i++) {
            $cloud = 0.55 * $cloud + $this->random->normal(0.0, 0.8);
            $rain = 1.0 / (1.0 + exp(1.2 - 1.6 * $cloud));
            $max = 21.5 - 2.2 * $cloud + $this->random->normal(0.0, 1.2);
            $rows[] = [
                'date' => $from->modify("+$i days")->format('Y-m-d'),
                'min_c' => round($max - 7.0 - 2.5 * (1.0 - $rain), 1),
                'max_c' => round($max, 1),
                'rain_p' => round($rain, 2),
                'sun' => round(max(0.0, min(1.0, 0.75 - 0.8 * $rain + 0.1)), 2),
            ];
        }

        return $rows;
    }

    /**
     * What the weather of days was by how good they were for flying.
     *
     * @param  array<string, float>  $days  by date
     * @return list<array{date: string, min_c: float, max_c: float, rain_p: float, sun: float}>
     */
    public static function past(array $days): array
    {
        $rows = [];
        foreach ($days as $date => $good) {
            $mean = self::MEANS[(int) substr($date, 5, 2) - 1];
            $max = $mean + 5.0 + 2.5 * $good;
            $rain = 1.0 / (1.0 + exp(1.6 + 2.4 * $good));
            $rows[] = [
                'date' => $date,
                'min_c' => round($max - 9.0, 1),
                'max_c' => round($max, 1),
                'rain_p' => round($rain, 2),
                'sun' => round(max(0.0, min(1.0, 0.55 + 0.35 * $good)), 2),
            ];
        }

        return $rows;
    }

    private static function bell(DateTimeImmutable $day, string $peak, float $width): float
    {
        $distance = ($day->getTimestamp() - (new DateTimeImmutable($peak))->getTimestamp()) / 86400.0;

        return exp(-0.5 * ($distance / $width) ** 2);
    }
}
