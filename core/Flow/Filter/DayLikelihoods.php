<?php

declare(strict_types=1);

namespace Marjoram\Core\Flow\Filter;

/** How well each state explains what the scale, the weather and the signs said of each day. */
final class DayLikelihoods
{
    /** kg a day: the scale's own noise, the share by which days of one level differ, rain on the hive. */
    private const NOISE = 0.20;

    private const DIFFER = 0.20;

    private const RAIN = 0.15;

    /** Error of a weight that a person noted, kg. */
    private const NOTED = 0.7;

    /** On a day of less flight, nectar of the day before still dries. */
    private const DRIES = 0.19;

    private const FLIGHT_SD = 0.25;

    /** @var array<int, list<float>> by day */
    public array $f = [];

    /** @var list<list<float>> for each interval the share of its likelihood that is handling, by state */
    public array $handled = [];

    /**
     * @param  array<int, FlightDay>  $weather  by day
     * @param  float  $unnotedADay  how likely a handling is that nobody notes
     */
    public function __construct(
        private readonly int $first,
        private readonly int $last,
        private readonly array $weather,
        private readonly float $unnotedADay,
    ) {
        for ($day = $first; $day <= $last; $day++) {
            $this->f[$day] = array_fill(0, States::LEVELS * States::WEATHERS, 1.0);
        }
    }

    public function flight(int $day): ?float
    {
        return ($this->weather[$day] ?? null)?->flight();
    }

    public function addWeather(): void
    {
        for ($day = $this->first; $day <= $this->last; $day++) {
            $flight = $this->flight($day);
            if ($flight !== null) {
                $this->times($day, static fn (int $j, int $k): float => exp(
                    -0.5 * (($flight - States::FLIGHT[$k]) / self::FLIGHT_SD) ** 2,
                ));
            }
        }
    }

    /** @param  list<Interval>  $intervals */
    public function addScale(array $intervals): void
    {
        foreach ($intervals as $one) {
            $this->addInterval($one);
        }
    }

    /** @param  list<SignNote>  $notes */
    public function addSigns(array $notes): void
    {
        foreach ($notes as $note) {
            if (isset($this->f[$note->day])) {
                $this->times($note->day, static fn (int $j): float => $note->weightOf($j));
            }
        }
    }

    /** Mean flight of an interval's days; null where less than half of them are known. */
    public function flightOf(Interval $one): ?float
    {
        $known = [];
        for ($day = $one->first; $day <= $one->last(); $day++) {
            $flight = $this->flight($day);
            if ($flight !== null) {
                $known[] = $flight;
            }
        }

        return 2 * count($known) >= $one->days && $known !== [] ? array_sum($known) / count($known) : null;
    }

    private function addInterval(Interval $one): void
    {
        $flight = $this->flightOf($one);
        $isOpen = $one->isOpen ? 0.9 : 1.0 - (1.0 - $this->unnotedADay) ** $one->days;
        $hand = $isOpen * $one->days * self::byHand($one->kg);
        $f = $handled = [];
        for ($j = 0; $j < States::LEVELS; $j++) {
            for ($k = 0; $k < States::WEATHERS; $k++) {
                $bees = (1.0 - $isOpen) * $this->byBees($one, $j, $this->flownIn($one, $k, $flight), $flight);
                $f[] = ($bees + $hand) ** (1.0 / $one->days);
                $handled[] = $hand / ($bees + $hand);
            }
        }
        $this->handled[] = $handled;
        for ($day = $one->first; $day <= $one->last(); $day++) {
            if (isset($this->f[$day])) {
                $this->times($day, static fn (int $j, int $k): float => $f[3 * $j + $k]);
            }
        }
    }

    private function flownIn(Interval $one, int $k, ?float $flight): float
    {
        $mean = 0.0;
        foreach (States::OFTEN as $i => $often) {
            $mean += $often * States::FLIGHT[$i];
        }

        return $flight ?? $mean + (States::FLIGHT[$k] - $mean) / sqrt($one->days);
    }

    private function byBees(Interval $one, int $j, float $x, ?float $flight): float
    {
        $before = $this->flight($one->first - 1);
        $effective = $flight !== null && $before !== null && $one->days === 1
            ? $x - self::DRIES * max(0.0, $before - $x)
            : $x;
        $mean = States::POTENTIAL[$j] * $effective - States::EATEN;
        $logged = count($one->loggedKg);
        $variance = (self::NOISE ** 2 + (self::DIFFER * States::POTENTIAL[$j] * max($x, 0.05)) ** 2
            + ($this->isWet($one) ? self::RAIN ** 2 : 0.0)) / $one->days + $logged * (self::NOTED / $one->days) ** 2;
        $sd = sqrt($variance);
        $z = ($one->kg / $one->days - $mean) / $sd;

        // Student t, 4 degrees of freedom.
        return 0.375 / $sd * (1.0 + $z * $z / 4.0) ** -2.5;
    }

    private function isWet(Interval $one): bool
    {
        for ($day = $one->first; $day <= $one->last(); $day++) {
            if (($this->weather[$day] ?? null)?->isWet() === true) {
                return true;
            }
        }

        return false;
    }

    /** A box on, honey off, anything. */
    private static function byHand(float $kg): float
    {
        return 0.6 * self::normal($kg, 6.5, 2.5) + 0.3 * self::normal($kg, -18.0, 9.0) + 0.001;
    }

    private static function normal(float $x, float $mean, float $sd): float
    {
        return exp(-0.5 * (($x - $mean) / $sd) ** 2) / ($sd * sqrt(2.0 * M_PI));
    }

    /** @param  callable(int, int): float  $by  of level and weather */
    private function times(int $day, callable $by): void
    {
        $f = [];
        foreach ($this->f[$day] as $state => $one) {
            $f[] = $one * $by(intdiv($state, States::WEATHERS), $state % States::WEATHERS);
        }
        $this->f[$day] = $f;
    }
}
