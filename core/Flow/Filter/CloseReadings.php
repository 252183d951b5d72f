<?php

declare(strict_types=1);

namespace Marjoram\Core\Flow\Filter;

use DateTimeImmutable;
use Marjoram\Core\Flow\CleanWeight;
use Marjoram\Core\Flow\ScaleReading;
use Marjoram\Core\Flow\ScaleStep;

/**
 * Handling in readings that lie close together: a step that neither the bees nor the noise of the steps around it
 * explain. Everything after it is shifted back.
 */
final readonly class CloseReadings
{
    private const CLOSE_H = 3.0;

    private const NOTICED_KG = 0.6;

    private const LIMIT_KG = 1.2;

    private const LISTED_KG = 0.5;

    private const NEAR_S = 7200;

    /** A handling may be noted by its day alone, at noon. */
    private const SAME_DAY_S = 12 * 3600;

    private const AROUND = 4;

    /**
     * @param  list<CleanWeight>  $weights  in order
     * @param  list<ScaleStep>  $steps  what was taken out
     */
    private function __construct(public array $weights, public array $steps)
    {
    }

    /**
     * @param  list<ScaleReading>  $readings  in order, one an instant
     * @param  list<LoggedHandling>  $logged
     */
    public static function of(array $readings, array $logged): self
    {
        $rates = self::rates($readings);
        $weights = $steps = [];
        $shift = 0.0;
        foreach ($readings as $i => $reading) {
            $step = $i === 0 ? 0.0 : self::handling($readings, $i, $rates, $logged);
            if ($step !== 0.0) {
                $shift += $step;
                $steps[] = new ScaleStep(
                    $reading->at,
                    $step,
                    self::isNoted($readings[$i - 1]->at, $reading->at, $logged, self::SAME_DAY_S),
                );
            }
            $weights[] = new CleanWeight($reading->at, $reading->kg - $shift);
        }

        return new self($weights, self::merged($steps));
    }

    /** Whether a moment lies between readings close enough to show it by themselves. */
    public static function settles(DateTimeImmutable $from, DateTimeImmutable $to): bool
    {
        return self::hours($from, $to) <= self::CLOSE_H;
    }

    /**
     * @param  list<ScaleReading>  $readings
     * @return array<int, float> kg an hour to each reading from the one before, where that is close
     */
    private static function rates(array $readings): array
    {
        $rates = [];
        for ($i = 1; $i < count($readings); $i++) {
            $hours = self::hours($readings[$i - 1]->at, $readings[$i]->at);
            if ($hours <= self::CLOSE_H && $hours > 0.0) {
                $rates[$i] = ($readings[$i]->kg - $readings[$i - 1]->kg) / $hours;
            }
        }

        return $rates;
    }

    /**
     * @param  list<ScaleReading>  $readings
     * @param  array<int, float>  $rates
     * @param  list<LoggedHandling>  $logged
     */
    private static function handling(array $readings, int $i, array $rates, array $logged): float
    {
        $step = $readings[$i]->kg - $readings[$i - 1]->kg;
        if (! isset($rates[$i]) || abs($step) <= self::NOTICED_KG) {
            return 0.0;
        }
        $hours = self::hours($readings[$i - 1]->at, $readings[$i]->at);
        $around = [];
        for ($j = $i - self::AROUND; $j <= $i + self::AROUND; $j++) {
            if ($j !== $i && isset($rates[$j])) {
                $around[] = $rates[$j];
            }
        }
        $usual = self::median($around);
        $spread = 1.4826 * self::median(array_map(static fn (float $rate): float => abs($rate - $usual), $around));
        $limit = self::isNoted($readings[$i - 1]->at, $readings[$i]->at, $logged, self::NEAR_S)
            ? self::NOTICED_KG
            : self::LIMIT_KG;
        $own = $step - $usual * $hours;

        return abs($own) > max($limit, 6.0 * $spread * $hours) ? $own : 0.0;
    }

    /** @param  list<LoggedHandling>  $logged */
    private static function isNoted(
        DateTimeImmutable $from,
        DateTimeImmutable $to,
        array $logged,
        int $nearS,
    ): bool {
        foreach ($logged as $one) {
            $at = $one->at->getTimestamp();
            if ($at >= $from->getTimestamp() - $nearS && $at <= $to->getTimestamp() + $nearS) {
                return true;
            }
        }

        return false;
    }

    /**
     * An opened hive sums to nothing.
     *
     * @param  list<ScaleStep>  $steps
     * @return list<ScaleStep>
     */
    private static function merged(array $steps): array
    {
        $merged = [];
        foreach ($steps as $step) {
            $last = count($merged) - 1;
            if ($last >= 0 && $step->at->getTimestamp() - $merged[$last]->at->getTimestamp() <= self::NEAR_S) {
                $merged[$last] = new ScaleStep(
                    $step->at,
                    $merged[$last]->kg + $step->kg,
                    $merged[$last]->isNoted || $step->isNoted,
                );
            } else {
                $merged[] = $step;
            }
        }

        return array_values(array_filter(
            $merged,
            static fn (ScaleStep $one): bool => abs($one->kg) >= self::LISTED_KG,
        ));
    }

    /** @param  list<float>  $values */
    private static function median(array $values): float
    {
        sort($values);
        $count = count($values);

        return match (true) {
            $count === 0 => 0.0,
            $count % 2 === 1 => $values[intdiv($count, 2)],
            default => 0.5 * ($values[intdiv($count, 2) - 1] + $values[intdiv($count, 2)]),
        };
    }

    private static function hours(DateTimeImmutable $from, DateTimeImmutable $to): float
    {
        return ($to->getTimestamp() - $from->getTimestamp()) / 3600.0;
    }
}
