<?php

declare(strict_types=1);

namespace Marjoram\Core\Drying;

use Marjoram\Core\InvalidInput;
use Marjoram\Core\Numerics\Normal;

/**
 * Combs in a warm, dry room: their water goes to what the air would bring honey to, the faster the farther it is and
 * the more of them is open. Entry point of the module. How fast a room dries and how wet the combs came are learnt
 * from the readings: for each rate of a grid the beginning follows exactly (a straight line with normal errors), and
 * the rates are weighed by how well they explain what was read.
 */
final readonly class Drying
{
    private const RATES = 31;

    private const REACH_SD = 2.5;

    private const STARTS = 7;

    public function __construct(private DryingAssumptions $assumptions = new DryingAssumptions)
    {
    }

    /**
     * @param  list<WaterReading>  $readings  of one stack; none: what is presumed
     * @param  list<RoomAir>  $air  at least one
     * @param  float  $cappedShare  of the honey, 0 to 1
     *
     * @throws InvalidInput when nothing is known of the air, or the share cannot be
     */
    public function fit(array $readings, array $air, float $cappedShare): DryingFit
    {
        InvalidInput::unlessWithin($cappedShare, 0.0, 1.0, 'The share that is capped', '/capped_share');
        if ($air === []) {
            throw InvalidInput::because('The air of the room is not known.', 'one value or more', '/air');
        }
        usort($readings, static fn (WaterReading $one, WaterReading $other): int => $one->hour <=> $other->hour);
        $known = $this->assumptions;
        $room = new RoomCourse($air, $known->atCelsius);
        $usual = $known->rate($cappedShare);
        $fits = [];
        for ($i = 0; $i < self::RATES; $i++) {
            $z = self::REACH_SD * (2.0 * $i / (self::RATES - 1) - 1.0);
            $rate = $usual * exp($z * $known->rateSdLog);
            [$mean, $sd, $log] = $this->beginning($room, $rate, $readings);
            $fits[] = [$rate, $mean, $sd, $log - 0.5 * $z * $z];
        }

        return new DryingFit($room, self::courses($fits));
    }

    /**
     * The water at the beginning under one rate, and how well that rate explains the readings.
     *
     * @param  list<WaterReading>  $readings
     * @return array{float, float, float} mean, standard deviation, log of the evidence
     */
    private function beginning(RoomCourse $room, float $rate, array $readings): array
    {
        $mean = $this->assumptions->startPct;
        $variance = $this->assumptions->startSdPct ** 2;
        $noise = $this->assumptions->readingSdPct ** 2;
        $lines = $room->lines($rate, array_map(static fn (WaterReading $one): float => $one->hour, $readings));
        $log = 0.0;
        foreach ($readings as $i => $reading) {
            [$a, $b] = $lines[$i];
            $off = $reading->waterPct - $a * $mean - $b;
            $spread = $a * $a * $variance + $noise;
            $log -= 0.5 * ($off * $off / $spread + log($spread));
            $gain = $a * $variance / $spread;
            [$mean, $variance] = [$mean + $gain * $off, $variance * (1.0 - $gain * $a)];
        }

        return [$mean, sqrt($variance), $log];
    }

    /**
     * @param  list<array{float, float, float, float}>  $fits  rate, mean, sd, log weight
     * @return list<DryingCourse>
     */
    private static function courses(array $fits): array
    {
        $most = max([-INF, ...array_column($fits, 3)]);
        $total = array_sum(array_map(static fn (array $fit): float => exp($fit[3] - $most), $fits));
        $courses = [];
        foreach ($fits as $nth => [$rate, $mean, $sd, $log]) {
            $weight = exp($log - $most) / $total / self::STARTS;
            for ($i = 0; $i < self::STARTS; $i++) {
                $start = $mean + $sd * Normal::quantile(($i + 0.5) / self::STARTS);
                $courses[] = new DryingCourse($weight, $nth, $rate, $start);
            }
        }

        return $courses;
    }
}
