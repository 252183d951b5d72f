<?php

declare(strict_types=1);

namespace Marjoram\Core\Flow\Filter;

use DateTimeZone;
use Marjoram\Core\Flow\CleanWeight;

/** Assigns readings to midnights; foraging is centred on two in the afternoon. */
final readonly class Intervals
{
    private const NOON = 14;

    private const CLOSE_S = 6 * 3600;

    private const REACH_S = 3 * 3600;

    private const MOST_DAYS = 21;

    public const BACK_DAYS = 150;

    public function __construct(private DateTimeZone $zone)
    {
    }

    /**
     * @param  list<CleanWeight>  $weights  in order
     * @param  list<LoggedHandling>  $logged
     * @return list<Interval>
     */
    public function of(array $weights, array $logged, int $today): array
    {
        $anchors = $this->anchors($weights);
        $open = self::open($weights, $logged);
        $intervals = [];
        $before = null;
        foreach ($anchors as $midnight => $weight) {
            if ($before !== null) {
                [$from, $earlier] = $before;
                $isKept = $from >= $today - self::BACK_DAYS && $midnight <= $today + 1;
                if ($isKept && $midnight - $from <= self::MOST_DAYS) {
                    $intervals[] = self::interval($from, $midnight - $from, $earlier, $weight, $open);
                }
            }
            $before = [$midnight, $weight];
        }

        return $intervals;
    }

    /**
     * The nearest reading of each midnight.
     *
     * @param  list<CleanWeight>  $weights
     * @return array<int, CleanWeight> by the day that begins with it
     */
    private function anchors(array $weights): array
    {
        $anchors = $away = [];
        foreach ($weights as $i => $weight) {
            $day = LocalDay::number($weight->at, $this->zone);
            $local = $weight->at->setTimezone($this->zone);
            $midnight = (int) $local->format('G') < self::NOON ? $day : $day + 1;
            $distance = abs($weight->at->getTimestamp() - LocalDay::begins($midnight, $this->zone)->getTimestamp());
            $isClose = self::gap($weights[$i - 1] ?? null, $weight) < self::CLOSE_S
                || self::gap($weight, $weights[$i + 1] ?? null) < self::CLOSE_S;
            if ((! $isClose || $distance <= self::REACH_S) && $distance < ($away[$midnight] ?? PHP_INT_MAX)) {
                $anchors[$midnight] = $weight;
                $away[$midnight] = $distance;
            }
        }
        ksort($anchors);

        return $anchors;
    }

    private static function gap(?CleanWeight $one, ?CleanWeight $other): int
    {
        return $one === null || $other === null
            ? PHP_INT_MAX
            : $other->at->getTimestamp() - $one->at->getTimestamp();
    }

    /**
     * Returns handlings within the readings that close readings have not already shown.
     *
     * @param  list<CleanWeight>  $weights
     * @param  list<LoggedHandling>  $logged
     * @return list<LoggedHandling>
     */
    private static function open(array $weights, array $logged): array
    {
        return array_values(array_filter($logged, static function (LoggedHandling $one) use ($weights): bool {
            for ($i = 1; $i < count($weights); $i++) {
                if ($one->at > $weights[$i - 1]->at && $one->at <= $weights[$i]->at) {
                    return ! CloseReadings::settles($weights[$i - 1]->at, $weights[$i]->at);
                }
            }

            return false;
        }));
    }

    /** @param  list<LoggedHandling>  $open */
    private static function interval(int $first, int $days, CleanWeight $from, CleanWeight $to, array $open): Interval
    {
        $inside = array_filter(
            $open,
            static fn (LoggedHandling $one): bool => $one->at > $from->at && $one->at <= $to->at,
        );
        $known = array_values(array_filter(
            array_map(static fn (LoggedHandling $one): ?float => $one->kg, $inside),
            static fn (?float $kg): bool => $kg !== null,
        ));

        return new Interval(
            $first,
            $days,
            $to->kg - $from->kg - array_sum($known),
            $to->at,
            $known,
            count($known) < count($inside),
        );
    }
}
