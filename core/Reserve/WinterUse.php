<?php

declare(strict_types=1);

namespace Marjoram\Core\Reserve;

use Marjoram\Core\InvalidInput;
use Marjoram\Core\Numerics\SeededRandom;

/**
 * What a colony of ten frames of bees uses over a winter, as a distribution.
 *
 * Seeded simulation of winters: month by month the use is tabulated against that month's temperature
 * error, so that a winter costs a dozen look-ups and one run serves every hive of the yard (their needs
 * are this one scaled by strength). Colonies of one strength differ by 20 to 30 % in what they use (common practice):
 * a factor of the colony, lognormal(0, $factorSd), is part of the doubt until its own weighings say more.
 * O(days * 61 + winters * months).
 */
final readonly class WinterUse
{
    /** Of a colony that was not weighed: its yard's doubt (0.15) and its own (0.10) together, see UseCalibration. */
    public const FACTOR_SD = 0.18;

    private const REACH = 5.0;

    private const STEPS = 60;

    /** @var array<array-key, float> month (2026-10) => kg at the expected values */
    public array $kgByMonth;

    private const GRID = 1000;

    /** @var non-empty-list<float> kg at the quantiles 0, 0.001 ... 1 of the simulated winters */
    public array $quantiles;

    public float $meanKg;

    public float $sdKg;

    /**
     * @param  float  $factorSd  doubt of the colony's factor, 0 to 1
     *
     * @throws InvalidInput when it is out of range
     */
    public function __construct(
        Winter $winter,
        float $factorSd = self::FACTOR_SD,
        private ReserveAssumptions $assumptions = new ReserveAssumptions,
    ) {
        InvalidInput::unlessWithin($factorSd, 0.0, 1.0, 'The doubt of the factor', '/factor_sd');
        [$byMonth, $tables, $tail] = $this->tables($winter);
        $this->kgByMonth = $byMonth;
        // Two lognormal factors make one.
        $winters = $this->simulate($winter, $tables, $tail, hypot($this->assumptions->residualSd, $factorSd));
        $mean = array_sum($winters) / count($winters);
        $this->meanKg = $mean;
        $this->sdKg = sqrt(
            array_sum(array_map(static fn (float $kg): float => ($kg - $mean) ** 2, $winters)) / count($winters),
        );
        // Kept as a grid: a yard's winter is stored, and thousands of numbers would be read for each page.
        $this->quantiles = array_map(
            static fn (int $i): float => self::between($winters, $i / self::GRID),
            range(0, self::GRID),
        );
    }

    /** How strength scales the use. */
    public static function scale(float $framesOfBees, float $factor, ReserveAssumptions $assumptions): float
    {
        return ($framesOfBees / 10.0) ** $assumptions->strengthExponent * $factor;
    }

    /** The kg that a share p of winters stay under, for ten frames of bees. */
    public function quantile(float $p): float
    {
        return self::between($this->quantiles, $p);
    }

    /** The share of winters that use at most so much, for ten frames of bees. */
    public function shareUnder(float $kg): float
    {
        $grid = $this->quantiles;
        [$low, $high] = [0, count($grid) - 1];
        if ($kg < $grid[$low] || $kg >= $grid[$high]) {
            return $kg < $grid[$low] ? 0.0 : 1.0;
        }
        while ($high - $low > 1) {
            $middle = intdiv($low + $high, 2);
            [$low, $high] = $grid[$middle] <= $kg ? [$middle, $high] : [$low, $middle];
        }

        return ($low + ($kg - $grid[$low]) / max(1e-12, $grid[$high] - $grid[$low])) / (count($grid) - 1);
    }

    /** @param  non-empty-list<float>  $rising */
    private static function between(array $rising, float $p): float
    {
        $place = $p * (count($rising) - 1);
        $i = (int) floor($place);
        $next = min($i + 1, count($rising) - 1);

        return $rising[$i] + ($place - $i) * ($rising[$next] - $rising[$i]);
    }

    /**
     * The expected winter by month; each month's use by temperature error; and the days around the
     * expected first flow one by one, since it may come early or late.
     *
     * @return array{array<array-key, float>, array<array-key, list<float>>, array<int, array{string, float}>}
     */
    private function tables(Winter $winter): array
    {
        $days = $winter->days();
        $late = (int) ceil(4.0 * $winter->firstFlowSdDays);
        $early = min($days, $late);
        $byMonth = $tables = $tail = [];
        for ($day = 0; $day < $days + $late; $day++) {
            $date = $winter->from->modify("+$day days");
            $month = $date->format('Y-m');
            $normal = $winter->normalC($date);
            if ($day < $days) {
                $byMonth[$month] = ($byMonth[$month] ?? 0.0) + $this->assumptions->dailyKg($normal, $days - $day);
            }
            if ($day >= $days - $early) {
                $tail[$day - $days] = [$month, $normal];

                continue;
            }
            for ($i = 0; $i <= self::STEPS; $i++) {
                $error = $winter->sdC * self::REACH * ((2.0 * $i) / self::STEPS - 1.0);
                $tables[$month][$i] =
                    ($tables[$month][$i] ?? 0.0) + $this->assumptions->dailyKg($normal + $error, $days - $day);
            }
        }

        return [$byMonth, array_map(array_values(...), $tables), $tail];
    }

    /**
     * @param  array<array-key, list<float>>  $tables
     * @param  array<int, array{string, float}>  $tail
     * @return non-empty-list<float>
     */
    private function simulate(Winter $winter, array $tables, array $tail, float $residualSd): array
    {
        $random = new SeededRandom($this->assumptions->seed);
        $months = array_unique([...array_keys($tables), ...array_column($tail, 0)]);
        $first = $tail === [] ? 0 : min(array_keys($tail));
        $uses = [];
        $n = max(100, $this->assumptions->winters);
        do {
            $kg = 0.0;
            $errors = [];
            foreach ($months as $month) {
                $z = max(-self::REACH, min(self::REACH, $random->normal()));
                $errors[$month] = $z * $winter->sdC;
                if (isset($tables[$month])) {
                    $place = ($z / self::REACH + 1.0) * 0.5 * self::STEPS;
                    $i = min(self::STEPS - 1, (int) $place);
                    $kg += $tables[$month][$i] + ($place - $i) * ($tables[$month][$i + 1] - $tables[$month][$i]);
                }
            }
            $flow = (int) round($random->normal(0.0, $winter->firstFlowSdDays));
            for ($day = $first; $day < $flow && isset($tail[$day]); $day++) {
                [$month, $normal] = $tail[$day];
                $kg += $this->assumptions->dailyKg($normal + $errors[$month], -$day);
            }
            $uses[] = $kg * exp($random->normal(0.0, $residualSd));
        } while (--$n > 0);
        sort($uses);

        return $uses;
    }
}
