<?php

declare(strict_types=1);

namespace Marjoram\Core\Drying;

/** What is known of how a stack dries: the ways in which it may, each as likely as the readings make it. */
final readonly class DryingFit
{
    private const LOW = 0.1;

    private const HIGH = 0.9;

    /** @param  list<DryingCourse>  $courses  of weights that add up to 1 */
    public function __construct(private RoomCourse $room, private array $courses)
    {
    }

    /** The same stack in another air. */
    public function in(RoomCourse $room): self
    {
        return new self($room, $this->courses);
    }

    /** The same stack with the dehumidifier set to another humidity from an hour on; as warm as it was last. */
    public function atHumidity(float $hour, float $humidityPct): self
    {
        return $this->in($this->room->setTo($hour, $humidityPct));
    }

    /**
     * Combs of the same stack that dry faster or slower than all together, from the same beginning.
     *
     * @param  float  $times  so many times as fast, above 0
     */
    public function faster(float $times): self
    {
        return new self($this->room, array_map(static fn (DryingCourse $one): DryingCourse => new DryingCourse(
            $one->weight,
            $one->nth,
            $times * $one->ratePerDay,
            $one->startPct,
        ), $this->courses));
    }

    /** The water that the air of the room, as it is now, brings honey to. */
    public function endPct(): float
    {
        return $this->room->end();
    }

    /**
     * @param  list<float>  $hours  since it came in, rising
     * @return list<WaterBand>
     */
    public function at(array $hours): array
    {
        $lines = $this->lines($hours);

        return array_map(function (int $i, float $hour) use ($lines): WaterBand {
            $water = array_map(static function (DryingCourse $one) use ($lines, $i): float {
                [$a, $b] = $lines[$one->nth][$i];

                return $a * $one->startPct + $b;
            }, $this->courses);
            [$lo, $mid, $hi] = $this->quantiles($water);

            return new WaterBand($hour, $mid, $lo, $hi);
        }, array_keys($hours), $hours);
    }

    /**
     * When it is dry enough, not before this hour.
     *
     * @param  float  $from  hours since it came in; the air after what is known of it stays as it is
     */
    public function ready(float $targetPct, float $from): ReadyRange
    {
        $from = max($from, $this->room->last());
        $lines = $this->lines([$from]);
        $hours = [];
        foreach ($this->courses as $one) {
            [$a, $b] = $lines[$one->nth][0];
            $hours[] = $from + $this->more($a * $one->startPct + $b, $targetPct, $one->ratePerDay);
        }
        [$lo, $mid, $hi] = $this->quantiles($hours);
        $ever = array_sum(array_map(
            static fn (DryingCourse $one, float $hour): float => is_finite($hour) ? $one->weight : 0.0,
            $this->courses,
            $hours,
        ));

        return new ReadyRange($mid, $lo, $hi, min(1.0, $ever), $this->room->end());
    }

    /** Hours from one water to another in the air of the end. */
    private function more(float $waterPct, float $targetPct, float $ratePerDay): float
    {
        $end = $this->room->end();
        if ($waterPct <= $targetPct) {
            return 0.0;
        }

        return $end >= $targetPct
            ? INF
            : log(($waterPct - $end) / ($targetPct - $end)) / $this->room->endRate($ratePerDay);
    }

    /**
     * @param  list<float>  $hours
     * @return array<int, list<array{float, float}>> by rate
     */
    private function lines(array $hours): array
    {
        $lines = [];
        foreach ($this->courses as $one) {
            $lines[$one->nth] ??= $this->room->lines($one->ratePerDay, $hours);
        }

        return $lines;
    }

    /**
     * @param  list<float>  $values  one of each course
     * @return array{float, float, float} the tenth, the middle and the ninetieth of a hundred
     */
    private function quantiles(array $values): array
    {
        asort($values);
        $found = [INF, INF, INF];
        $sum = 0.0;
        foreach ($values as $i => $value) {
            $sum += $this->courses[$i]->weight;
            foreach ([self::LOW, 0.5, self::HIGH] as $n => $share) {
                if (is_infinite($found[$n]) && $sum >= $share) {
                    $found[$n] = $value;
                }
            }
        }

        return [$found[0], $found[1], $found[2]];
    }
}
