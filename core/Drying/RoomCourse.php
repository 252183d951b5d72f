<?php

declare(strict_types=1);

namespace Marjoram\Core\Drying;

/**
 * How the air of a room went: between two hours the water of combs is a straight line of what it was, W = a W0 + b.
 * Warm air takes more up: the rate goes with the pressure of saturated vapour (Magnus formula, constants of Alduchov
 * and Eskridge 1996; from memory).
 */
final readonly class RoomCourse
{
    private const HOURS_A_DAY = 24.0;

    /** @var non-empty-list<RoomAir> in the order of their hours */
    private array $known;

    /** @var non-empty-list<array{float, float, float}> hour, equilibrium in %, vapour pressure */
    private array $airs;

    /** @param  non-empty-list<RoomAir>  $airs  in any order; the first also holds before it, the last after it */
    public function __construct(array $airs, private float $atCelsius)
    {
        $equilibrium = new Equilibrium;
        usort($airs, static fn (RoomAir $one, RoomAir $other): int => $one->hour <=> $other->hour);
        $this->known = $airs;
        $this->airs = array_map(static fn (RoomAir $air): array => [
            $air->hour,
            $equilibrium->waterPct($air->humidityPct),
            self::vapour($air->celsius),
        ], $airs);
    }

    /** The same room with another humidity from an hour on. */
    public function setTo(float $hour, float $humidityPct): self
    {
        $last = $this->known[count($this->known) - 1];

        return new self([...$this->known, new RoomAir($hour, $last->celsius, $humidityPct)], $this->atCelsius);
    }

    /** The hour from which nothing more is known of the air. */
    public function last(): float
    {
        return $this->airs[count($this->airs) - 1][0];
    }

    /** The water that the air of the last hour brings honey to. */
    public function end(): float
    {
        return $this->airs[count($this->airs) - 1][1];
    }

    /** Rate an hour in the air of the last hour. */
    public function endRate(float $ratePerDay): float
    {
        return $this->perHour($ratePerDay, $this->airs[count($this->airs) - 1][2]);
    }

    /**
     * The straight lines at some hours since 0.
     *
     * @param  list<float>  $hours  rising, 0 or more
     * @return list<array{float, float}> a and b at each
     */
    public function lines(float $ratePerDay, array $hours): array
    {
        $lines = [];
        [$at, $a, $b, $i] = [0.0, 1.0, 0.0, 0];
        foreach ($hours as $hour) {
            while ($at < $hour) {
                while (isset($this->airs[$i + 1]) && $this->airs[$i + 1][0] <= $at) {
                    $i++;
                }
                $until = min($hour, $this->airs[$i + 1][0] ?? $hour);
                [, $to, $vapour] = $this->airs[$i];
                $stays = exp(-$this->perHour($ratePerDay, $vapour) * ($until - $at));
                [$a, $b, $at] = [$a * $stays, $b * $stays + $to * (1.0 - $stays), $until];
            }
            $lines[] = [$a, $b];
        }

        return $lines;
    }

    private function perHour(float $ratePerDay, float $vapour): float
    {
        return $ratePerDay / self::HOURS_A_DAY * $vapour / self::vapour($this->atCelsius);
    }

    private static function vapour(float $celsius): float
    {
        return exp(17.625 * $celsius / (243.04 + $celsius));
    }
}
