<?php

declare(strict_types=1);

namespace Marjoram\Core\Reserve;

use DateTimeImmutable;
use Marjoram\Core\InvalidInput;
use Marjoram\Core\Numerics\Normal;
use Marjoram\Core\Numerics\SeededRandom;

/**
 * Simulated winters as paths: what a colony of ten frames of bees has used up to each week, so that stores seen once
 * can be carried forward with growing doubt and the week when they may run out be named. O(winters * days).
 */
final readonly class UsePaths
{
    private const WINTERS = 300;

    private const STEP = 7;

    public DateTimeImmutable $from;

    /** @var list<int> days since the start, one a week, and the last */
    public array $days;

    /** @var list<float> by winter, standard normal: how far its colony is from the common factor */
    private array $colonies;

    /** @var list<list<float>> by winter, kg used up to each of these days; a flow that has come uses no more */
    private array $paths;

    public function __construct(Winter $winter, ReserveAssumptions $assumptions = new ReserveAssumptions)
    {
        $this->from = $winter->from;
        $length = $winter->days();
        $last = $length + (int) ceil(2.0 * $winter->firstFlowSdDays);
        $days = range(0, $last, self::STEP);
        if ($days[count($days) - 1] !== $last) {
            $days[] = $last;
        }
        $this->days = $days;
        [$normals, $months] = $this->normals($winter, $last);
        $random = new SeededRandom($assumptions->seed + 1);
        $paths = [];
        for ($n = 0; $n < self::WINTERS; $n++) {
            $errors = [];
            $flow = $length + (int) round($random->normal(0.0, $winter->firstFlowSdDays));
            $residual = exp($random->normal(0.0, $assumptions->residualSd));
            $kg = 0.0;
            $path = [0.0];
            for ($day = 0; $day < $last; $day++) {
                $errors[$months[$day]] ??= $random->normal(0.0, $winter->sdC);
                $kg +=
                    $day < $flow
                        ? $residual * $assumptions->dailyKg($normals[$day] + $errors[$months[$day]], $length - $day)
                        : 0.0;
                if (($day + 1) % self::STEP === 0 || $day + 1 === $last) {
                    $path[] = $kg;
                }
            }
            $paths[] = $path;
        }
        $this->paths = $paths;
        $this->colonies = array_map(static fn (): float => $random->normal(), $paths);
    }

    /** @return array{list<float>, list<string>} normal temperature and month of each day */
    private function normals(Winter $winter, int $last): array
    {
        $normals = $months = [];
        for ($day = 0; $day < $last; $day++) {
            $date = $winter->from->modify("+$day days");
            $normals[] = $winter->normalC($date);
            $months[] = $date->format('Y-m');
        }

        return [$normals, $months];
    }

    /**
     * What is used between two dates, for ten frames of bees; before the start of winter nothing is.
     *
     * @return array{float, float} mean and standard deviation, kg
     *
     * @throws InvalidInput when the second date is before the first
     */
    public function between(DateTimeImmutable $since, DateTimeImmutable $until): array
    {
        if ($until < $since) {
            throw InvalidInput::because('The later date is before the earlier one.', 'dates in order', '/until');
        }
        [$a, $b] = [$this->place($since), $this->place($until)];
        $uses = array_map(fn (array $path): float => $this->at($path, $b) - $this->at($path, $a), $this->paths);

        return self::meanAndSd($uses);
    }

    /**
     * Stores from a date on, week by week: the middle and the 80 % band.
     *
     * @param  float  $scale  of strength and factor (WinterUse::scale)
     * @param  float  $factorSd  doubt of the factor, as a share
     * @return list<StoresOn>
     */
    public function stores(
        DateTimeImmutable $seenOn,
        float $storesKg,
        float $sdKg,
        float $scale,
        float $factorSd = WinterUse::FACTOR_SD,
    ): array {
        $scales = array_map(static fn (float $z): float => $scale * exp($z * $factorSd), $this->colonies);
        $start = $this->place($seenOn);
        $before = array_map(fn (array $path): float => $this->at($path, $start), $this->paths);
        $points = [];
        foreach ($this->days as $i => $day) {
            if ($day < $start) {
                continue;
            }
            $uses = [];
            foreach ($this->paths as $n => $path) {
                $uses[] = $scales[$n] * ($path[$i] - $before[$n]);
            }
            [$mean, $sd] = self::meanAndSd($uses);
            $spread = hypot($sd, $sdKg);
            $points[] = new StoresOn(
                $this->from->modify("+$day days"),
                max(0.0, $storesKg - $mean - Normal::EIGHTY * $spread),
                max(0.0, $storesKg - $mean),
                max(0.0, $storesKg - $mean + Normal::EIGHTY * $spread),
                self::pLeft($uses, $storesKg, $sdKg),
            );
        }

        return $points;
    }

    /**
     * @param  list<float>  $uses
     * @return array{float, float}
     */
    private static function meanAndSd(array $uses): array
    {
        $mean = array_sum($uses) / count($uses);
        $squares = 0.0;
        foreach ($uses as $one) {
            $squares += ($one - $mean) ** 2;
        }

        return [$mean, sqrt($squares / count($uses))];
    }

    /** @param  list<float>  $uses */
    private static function pLeft(array $uses, float $storesKg, float $sdKg): float
    {
        // Far from running out or long gone: nothing to calculate.
        if ($uses === [] || $storesKg - max($uses) > 5.0 * $sdKg) {
            return 1.0;
        }
        $left = 0.0;
        foreach ($uses as $use) {
            $left += $sdKg > 0.0 ? Normal::cdf(($storesKg - $use) / $sdKg) : ($storesKg > $use ? 1.0 : 0.0);
        }

        return $left / count($uses);
    }

    /**
     * The week in which stores run out with more than a share $risk of winters; null when they last.
     *
     * @param  list<StoresOn>  $stores
     */
    public static function runsOut(array $stores, float $risk = 0.2): ?DateTimeImmutable
    {
        foreach ($stores as $point) {
            if (1.0 - $point->pLeft > $risk) {
                return $point->on;
            }
        }

        return null;
    }

    private function place(DateTimeImmutable $date): float
    {
        $days = (float) $this->from->setTime(0, 0)->diff($date->setTime(0, 0))->format('%r%a');

        return max(0.0, min((float) $this->days[count($this->days) - 1], $days));
    }

    /** @param  list<float>  $path */
    private function at(array $path, float $day): float
    {
        $i = min(count($this->days) - 2, (int) floor($day / self::STEP));
        $part = ($day - $this->days[$i]) / ($this->days[$i + 1] - $this->days[$i]);

        return $path[$i] + min(1.0, $part) * ($path[$i + 1] - $path[$i]);
    }
}
