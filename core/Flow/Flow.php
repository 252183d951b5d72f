<?php

declare(strict_types=1);

namespace Marjoram\Core\Flow;

use DateTimeImmutable;
use Marjoram\Core\Statement;

/**
 * Is the flow on, slowing or over? Entry point of the module.
 *
 * Daily gains from a scale at any spacing up to a day, cleaned of the keeper's own handling; Bayes' rule
 * in odds form over the signs of the last ten days. Thresholds and ratios are common practice.
 */
final readonly class Flow
{
    private const DAYS_OF_EVIDENCE = 10;

    private const DAYS_OF_MEAN = 5;

    private const LONGEST_GAP_S = 36 * 3600;

    /**
     * @param  list<ScaleReading>  $readings  in any order
     * @param  list<Evidence>  $evidence
     * @param  DateTimeImmutable  $now  in the apiary's time zone: its midnights part the days
     */
    public function assess(array $readings, array $evidence, DateTimeImmutable $now): FlowResult
    {
        usort($readings, static fn (ScaleReading $a, ScaleReading $b): int => $a->at <=> $b->at);
        [$clean, $manipulations] = $this->withoutHandling($readings);
        $gains = $this->gains($clean, $now);
        $mean = $this->mean($gains);
        $phase = Phase::of($mean);
        $odds = $phase->priorOdds();
        $reasons = [
            $mean === null
                ? new Statement(FlowReason::TooFewDays)
                : new Statement(FlowReason::ScaleChange, ['kg' => $mean, 'phase' => $phase]),
        ];
        foreach ($evidence as $seen) {
            $age = $now->getTimestamp() - $seen->at->getTimestamp();
            if ($age >= 0 && $age <= self::DAYS_OF_EVIDENCE * 86400) {
                $odds *= $seen->likelihoodRatio;
                $reasons[] = new Statement(FlowReason::SignSeen, [
                    'sign' => $seen->sign,
                    'result' => $seen->result,
                    'on' => $seen->at,
                    'ratio' => $seen->likelihoodRatio,
                ]);
            }
        }

        return new FlowResult($gains, $manipulations, $mean, $phase, $odds / (1.0 + $odds), $reasons);
    }

    /**
     * Steps of the keeper's own (a box on, a box off) are taken out and everything after is shifted back.
     *
     * @param  list<ScaleReading>  $readings  in order
     * @return array{list<ScaleReading>, list<ScaleStep>}
     */
    private function withoutHandling(array $readings): array
    {
        $clean = [];
        $steps = [];
        $shift = 0.0;
        foreach ($readings as $i => $reading) {
            $before = $readings[$i - 1] ?? null;
            if ($before !== null) {
                $step = $reading->kg - $before->kg;
                $seconds = $reading->at->getTimestamp() - $before->at->getTimestamp();
                if (($seconds < 3 * 3600 && abs($step) > 2.5) || ($seconds <= 86400 && abs($step) > 8.0)) {
                    $shift += $step;
                    $steps[] = new ScaleStep($reading->at, $step);
                }
            }
            $clean[] = new ScaleReading($reading->at, max(0.0, min(500.0, $reading->kg - $shift)));
        }

        return [$clean, $steps];
    }

    /**
     * @param  list<ScaleReading>  $readings  in order
     * @return array<string, ?float>
     */
    private function gains(array $readings, DateTimeImmutable $now): array
    {
        if (count($readings) < 2) {
            return [];
        }
        $day = $readings[0]->at->setTimezone($now->getTimezone())->setTime(0, 0);
        $end = $readings[count($readings) - 1]->at;
        $gains = [];
        $from = $this->at($readings, $day);
        while (($next = $day->modify('+1 day')) <= $end) {
            $to = $this->at($readings, $next);
            $gains[$day->format('Y-m-d')] = $from === null || $to === null ? null : $to - $from;
            [$day, $from] = [$next, $to];
        }

        return $gains;
    }

    /**
     * The weight at an instant by linear interpolation; null outside the readings or in a long gap.
     *
     * @param  list<ScaleReading>  $readings
     */
    private function at(array $readings, DateTimeImmutable $instant): ?float
    {
        $lo = 0;
        $hi = count($readings) - 1;
        if ($instant < $readings[$lo]->at || $instant > $readings[$hi]->at) {
            return null;
        }
        while ($hi - $lo > 1) {
            $mid = intdiv($lo + $hi, 2);
            $readings[$mid]->at <= $instant ? ($lo = $mid) : ($hi = $mid);
        }
        $span = $readings[$hi]->at->getTimestamp() - $readings[$lo]->at->getTimestamp();
        $share = $span > 0 ? ($instant->getTimestamp() - $readings[$lo]->at->getTimestamp()) / $span : 0.0;
        if ($span > self::LONGEST_GAP_S && $share > 0.0 && $share < 1.0) {
            return null;
        }

        return $readings[$lo]->kg + $share * ($readings[$hi]->kg - $readings[$lo]->kg);
    }

    /** @param  array<string, ?float>  $gains */
    private function mean(array $gains): ?float
    {
        $known = static fn (?float $gain): bool => $gain !== null;
        $last = array_filter(array_slice($gains, -self::DAYS_OF_MEAN), $known);

        return count($last) < 3 ? null : array_sum($last) / count($last);
    }
}
