<?php

declare(strict_types=1);

namespace Marjoram\Core\Flow;

use DateTimeImmutable;
use Marjoram\Core\Statement;

/**
 * Is the flow on, slowing or over? Entry point of the module.
 *
 * Daily gains from a scale at any spacing up to a day, cleaned of the keeper's own handling; Bayes' rule
 * in odds form over the newest of each sign. Thresholds and ratios are common practice. A sign counts whole for ten
 * days. After them one that spoke for a flow counts no more, since flows end; one that spoke for its end fades slowly,
 * since few flows come back.
 */
final readonly class Flow
{
    private const FRESH_DAYS = 10;

    /** A sign for the end fades to 1/e of its weight in so many days, and is forgotten after FORGOTTEN_DAYS. */
    private const FADE_DAYS = 21.0;

    public const FORGOTTEN_DAYS = 60;

    /** One sign alone makes nobody sure, whichever it is: three in four. */
    private const MOST_ODDS_BY_ONE = 3.0;

    private const DAYS_OF_MEAN = 5;

    private const LONGEST_GAP_S = 36 * 3600;

    /**
     * @param  list<ScaleReading>  $readings  in any order
     * @param  list<Evidence>  $evidence
     * @param  DateTimeImmutable  $now  in the apiary's time zone: its midnights part the days
     * @param  list<DateTimeImmutable>  $moves  days on which boxes were put on the scale's hive or taken off it
     */
    public function assess(array $readings, array $evidence, DateTimeImmutable $now, array $moves = []): FlowResult
    {
        usort($readings, static fn (ScaleReading $a, ScaleReading $b): int => $a->at <=> $b->at);
        $zone = $now->getTimezone();
        $handling = Handling::takenOut($readings, array_map(
            static fn (DateTimeImmutable $day): DateTimeImmutable => new DateTimeImmutable(
                $day->format('Y-m-d'),
                $zone,
            ),
            $moves,
        ));
        $gains = $this->gains($handling, $now);
        $mean = $this->mean($gains, $now);
        $phase = Phase::of($mean);
        $odds = $phase->priorOdds();
        $reasons = [
            $mean === null
                ? new Statement(FlowReason::TooFewDays)
                : new Statement(FlowReason::ScaleChange, ['kg' => $mean, 'phase' => $phase]),
        ];
        $for = 0;
        foreach ($this->newest($evidence, $now) as $seen) {
            $ratio = $seen->likelihoodRatio ** self::weight($seen, $now);
            if ($ratio === 1.0) {
                continue;
            }
            $for += $ratio > 1.0 ? 1 : 0;
            $odds *= $ratio;
            $reasons[] = new Statement(FlowReason::SignSeen, [
                'sign' => $seen->sign,
                'result' => $seen->result,
                'on' => $seen->at,
                'ratio' => $ratio,
            ]);
        }
        if ($for === 1 && $mean === null) {
            $odds = min($odds, self::MOST_ODDS_BY_ONE);
        }

        return new FlowResult($gains, $handling->steps, $mean, $phase, $odds / (1.0 + $odds), $reasons);
    }

    /** How much of a sign still counts, 0 to 1. */
    private static function weight(Evidence $seen, DateTimeImmutable $now): float
    {
        $days = ($now->getTimestamp() - $seen->at->getTimestamp()) / 86400.0 - self::FRESH_DAYS;

        return match (true) {
            $days <= 0.0 => 1.0,
            $seen->likelihoodRatio < 1.0 => 0.0,
            default => exp(-$days / self::FADE_DAYS),
        };
    }

    /**
     * The newest of each sign: seen again it is the same sign, and no second proof.
     *
     * @param  list<Evidence>  $evidence
     * @return list<Evidence>
     */
    private function newest(array $evidence, DateTimeImmutable $now): array
    {
        usort($evidence, static fn (Evidence $a, Evidence $b): int => $a->at <=> $b->at);
        $newest = [];
        foreach ($evidence as $seen) {
            $age = $now->getTimestamp() - $seen->at->getTimestamp();
            if ($age >= 0 && $age <= self::FORGOTTEN_DAYS * 86400) {
                $newest[$seen->sign->value] = $seen;
            }
        }

        return array_values($newest);
    }

    /** @return array<array-key, ?float> */
    private function gains(Handling $handling, DateTimeImmutable $now): array
    {
        $readings = $handling->weights;
        if (count($readings) < 2) {
            return [];
        }
        $day = $readings[0]->at->setTimezone($now->getTimezone())->setTime(0, 0);
        $end = $readings[count($readings) - 1]->at;
        $gains = [];
        $from = $this->at($readings, $day);
        while (($next = $day->modify('+1 day')) <= $end) {
            $to = $this->at($readings, $next);
            $gains[$day->format('Y-m-d')] = $from === null || $to === null || $handling->hides($day, $next)
                ? null
                : $to - $from;
            [$day, $from] = [$next, $to];
        }

        return $gains;
    }

    /**
     * The weight at an instant by linear interpolation; null outside the readings or in a long gap.
     *
     * @param  list<CleanWeight>  $readings
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

    /**
     * Uses the last five full days: older readings say nothing about today.
     *
     * @param  array<array-key, ?float>  $gains
     */
    private function mean(array $gains, DateTimeImmutable $now): ?float
    {
        $since = $now->modify('-'.self::DAYS_OF_MEAN.' days')->format('Y-m-d');
        $last = array_filter(
            $gains,
            static fn (?float $gain, int|string $date): bool => $gain !== null && (string) $date >= $since,
            ARRAY_FILTER_USE_BOTH,
        );

        return count($last) < 3 ? null : array_sum($last) / count($last);
    }
}
