<?php

declare(strict_types=1);

namespace App\Devices;

use DateTimeImmutable;
use Generator;
use Marjoram\Core\Numerics\SeededRandom;

/**
 * A hive on a scale: bees leave in the morning and are heavier in the evening, nectar dries at night, rain lies on the
 * lid, supers are put on and taken off. For the demo, for tests and for the stand-in that sends.
 */
final class SimulatedHive
{
    private const SUPER_KG = 8.4;

    /** A super more for so much that came in. */
    private const SUPER_EACH_KG = 14.0;

    private float $kg;

    private float $sinceSuper = 0.0;

    private readonly SeededRandom $random;

    /**
     * @param  array<string, float>  $gains  kg by date; a day that is not in it is one of an invented season
     * @param  array<string, float>  $steps  kg that people put on or took off, by date, at two in the afternoon
     */
    public function __construct(
        int $seed,
        float $startKg = 42.0,
        private readonly array $gains = [],
        private readonly array $steps = [],
        private readonly bool $isKept = true,
    ) {
        $this->random = new SeededRandom($seed);
        $this->kg = $startKg;
    }

    /** @return Generator<int, float> kg by moment, from the first midnight on */
    public function readings(DateTimeImmutable $from, DateTimeImmutable $to, int $minutes): Generator
    {
        $drift = 0.0;
        for ($day = $from->setTime(0, 0); $day < $to; $day = $day->modify('+1 day')) {
            $date = $day->format('Y-m-d');
            $gain = $this->gains[$date] ?? $this->invented($day);
            $step = $this->step($date, $gain);
            $rain = $this->random->chance(0.18) ? $this->random->between(0.1, 0.5) : 0.0;
            $wet = $this->random->between(0.0, 18.0);
            $drift = 0.9 * $drift + $this->random->normal(0.0, 0.02);
            for ($at = $day; $at < min($to, $day->modify('+1 day')); $at = $at->modify("+$minutes minutes")) {
                if ($at >= $from) {
                    $hour = ($at->getTimestamp() - $day->getTimestamp()) / 3600.0;
                    $kg = $this->kg
                        + self::through($hour, $gain)
                        + ($hour >= 14.0 ? $step : 0.0)
                        + ($hour >= $wet && $hour < $wet + 5.0 ? $rain : 0.0)
                        + $drift
                        + $this->random->normal(0.0, 0.015);
                    yield $at->getTimestamp() => round(max(5.0, $kg), 3);
                }
            }
            $this->kg += $gain + $step;
        }
    }

    /** Where the weight of a day stands at an hour of it. */
    private static function through(float $hour, float $gain): float
    {
        $nectar = max(0.0, $gain + 0.2) * 1.35;
        $in = max(0.0, min(1.0, ($hour - 8.5) / 10.0));
        $dried = ($nectar - max(0.0, $gain + 0.2)) * max(0.0, min(1.0, ($hour - 18.0) / 6.0));
        $out = $hour > 7.0 && $hour < 20.0 ? 0.45 * sin(M_PI * ($hour - 7.0) / 13.0) : 0.0;
        $eaten = min(0.0, $gain) * $hour / 24.0 - ($gain > -0.2 ? (0.2 + min(0.0, $gain)) * $hour / 24.0 : 0.0);

        return $nectar * $in - $dried - $out + $eaten;
    }

    private function step(string $date, float $gain): float
    {
        $step = $this->steps[$date] ?? 0.0;
        if ($this->isKept) {
            $this->sinceSuper += max(0.0, $gain);
            if ($this->sinceSuper > self::SUPER_EACH_KG) {
                $this->sinceSuper = 0.0;
                $step += self::SUPER_KG;
            }
            if ($this->kg > 105.0) {
                $step -= 52.0;
            }
        }

        return $step;
    }

    private function invented(DateTimeImmutable $day): float
    {
        $of = (int) $day->format('z');
        $bell = static fn (float $peak, float $wide): float => exp(-0.5 * (($of - $peak) / $wide) ** 2);
        $fly = $this->random->between(0.1, 1.0);

        $nectar = (4.2 * $bell(143.0, 8.0) + 3.4 * $bell(195.0, 7.0)) * $fly;

        return round($nectar - 0.2 + $this->random->normal(0.0, 0.05), 3);
    }
}
