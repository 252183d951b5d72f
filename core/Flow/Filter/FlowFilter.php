<?php

declare(strict_types=1);

namespace Marjoram\Core\Flow\Filter;

use DateTimeImmutable;
use DateTimeZone;
use Marjoram\Core\Flow\Evidence;
use Marjoram\Core\Flow\Phase;
use Marjoram\Core\Flow\ScaleReading;
use Marjoram\Core\Flow\ScaleStep;

/**
 * Is the flow on, slowing or over, and since when? Entry point of the module's second model: a filter over hidden
 * states day by day, with the day's flight weather, handling apart, and signs that count once.
 */
final readonly class FlowFilter
{
    private const RECENT_DAYS = 10;

    private const WEEK = 7;

    private const LEAST_DAYS = 3;

    private const LOSING_KG = -0.15;

    /** Sets of levels in which a flow may be said to be over. */
    private const OVER = [[7], [1, 7], [1, 2, 7]];

    private const LITTLE = [0, 1, 7];

    /**
     * @param  float  $unnotedADay  how likely it is that somebody puts something on or takes it off on a day and notes
     *     nothing of it, 0 to 1
     */
    public function __construct(private float $unnotedADay = 0.03)
    {
    }

    /**
     * @param  list<ScaleReading>  $readings  in any order; what is later than now is left out
     * @param  list<LoggedHandling>  $logged
     * @param  array<string, FlightDay>  $weather  by date; of days after today it is the forecast
     * @param  list<Evidence>  $evidence
     * @param  ?DateTimeImmutable  $firstFlow  the day on which the year's flow begins as a rule; null where nobody knows
     */
    public function assess(
        array $readings,
        array $logged,
        array $weather,
        array $evidence,
        DateTimeImmutable $now,
        DateTimeZone $zone,
        ?DateTimeImmutable $firstFlow = null,
    ): FilterResult {
        $seen = FilterInput::upTo($now, $zone, $readings, $logged, $weather, $evidence, $firstFlow);
        $likely = $seen->likelihoods($this->unnotedADay);
        $passes = Passes::forward($seen, $likely);
        $gamma = $passes->smoothed();
        $alpha = $passes->last();
        $today = States::words($alpha);
        $unlogged = self::unlogged($seen, $likely, $gamma);
        [$kg, $sd] = NextDays::of($alpha, $seen->today, $likely);

        return new FilterResult(
            self::days($seen, $gamma, $unlogged),
            self::steps($seen, $unlogged),
            self::phase($today, $seen),
            $today->over,
            1.0 - States::staysWithin($alpha, self::LITTLE, self::RECENT_DAYS),
            $today->over < 0.5 ? null : self::ended($passes, $seen->first),
            $kg,
            $sd,
            (new FilterReasons($seen, $alpha, $this->unnotedADay))->all(),
            self::recentGain($seen, $unlogged),
        );
    }

    /**
     * Returns the intervals with a handling that nobody noted, with its kg.
     *
     * @param  list<list<float>>  $gamma
     * @return array<int, float> kg by the interval's place
     */
    private static function unlogged(FilterInput $seen, DayLikelihoods $likely, array $gamma): array
    {
        $steps = [];
        foreach ($seen->intervals as $i => $one) {
            $mean = array_fill(0, States::LEVELS * States::WEATHERS, 0.0);
            for ($day = $one->first; $day <= $one->last(); $day++) {
                foreach ($gamma[$day - $seen->first] ?? [] as $state => $share) {
                    $mean[$state] += $share / $one->days;
                }
            }
            $p = $bees = 0.0;
            $flight = $likely->flightOf($one);
            foreach ($mean as $state => $share) {
                $p += $share * $likely->handled[$i][$state];
                $x = $flight ?? States::FLIGHT[$state % States::WEATHERS];
                $bees += $share * (States::POTENTIAL[intdiv($state, States::WEATHERS)] * $x - States::EATEN);
            }
            if ($p > 0.5) {
                $steps[$i] = $one->kg - $one->days * $bees;
            }
        }

        return $steps;
    }

    /**
     * @param  list<list<float>>  $gamma
     * @param  array<int, float>  $unlogged
     * @return list<FilteredDay>
     */
    private static function days(FilterInput $seen, array $gamma, array $unlogged): array
    {
        $gains = [];
        foreach ($seen->intervals as $i => $one) {
            if ($one->days === 1 && ! isset($unlogged[$i])) {
                $gains[$one->first] = $one->kg;
            }
        }
        $days = [];
        foreach ($gamma as $i => $p) {
            $day = $seen->first + $i;
            $days[] = new FilteredDay(LocalDay::text($day), $gains[$day] ?? null, States::words($p));
        }

        return $days;
    }

    /**
     * @param  array<int, float>  $unlogged
     * @return list<ScaleStep>
     */
    private static function steps(FilterInput $seen, array $unlogged): array
    {
        $steps = $seen->steps;
        foreach ($seen->intervals as $i => $one) {
            foreach ($one->loggedKg as $kg) {
                $steps[] = new ScaleStep($one->at, $kg, true);
            }
            if (isset($unlogged[$i])) {
                $steps[] = new ScaleStep($one->at, $unlogged[$i], $one->isOpen);
            }
        }
        usort($steps, static fn (ScaleStep $a, ScaleStep $b): int => $a->at <=> $b->at);

        return $steps;
    }

    /**
     * kg a day over the last week that was weighed; null where that is more than ten days ago, or nobody knows what of
     * it was handling.
     *
     * @param  array<int, float>  $unlogged
     */
    private static function recentGain(FilterInput $seen, array $unlogged): ?float
    {
        $kg = 0.0;
        $days = 0;
        foreach (array_reverse($seen->intervals, true) as $i => $one) {
            if ($days >= self::WEEK || $one->last() < $seen->today - self::RECENT_DAYS) {
                break;
            }
            if (! isset($unlogged[$i]) && ! $one->isOpen) {
                $kg += $one->kg;
                $days += $one->days;
            }
        }

        return $days < self::LEAST_DAYS ? null : $kg / $days;
    }

    private static function phase(Shares $today, FilterInput $seen): Phase
    {
        $none = $today->before + $today->over;
        $most = max($none, $today->slow, $today->strong);
        $isStale = $seen->lastWeighed() < $seen->today - self::RECENT_DAYS && $seen->notes === [];
        if ($most < 0.4 || $isStale) {
            return Phase::Unknown;
        }

        return match ($most) {
            $today->strong => Phase::Strong,
            $today->slow => Phase::Slow,
            default => $seen->meanGain() <= self::LOSING_KG ? Phase::Losing : Phase::None,
        };
    }

    private static function ended(Passes $passes, int $first): EndedRange
    {
        $mean = [];
        foreach (self::OVER as $within) {
            $stays = array_map(array_sum(...), $passes->smoothed($within));
            $now = max(1e-300, $stays[count($stays) - 1]);
            foreach ($stays as $day => $share) {
                $mean[$day] = ($mean[$day] ?? 0.0) + $share / $now / count(self::OVER);
            }
        }
        $from = static function (float $share) use ($mean, $first): string {
            foreach ($mean as $day => $one) {
                if ($one >= $share) {
                    return LocalDay::text($first + $day);
                }
            }

            return LocalDay::text($first + count($mean) - 1);
        };

        return new EndedRange($from(0.5), $from(0.1), $from(0.9));
    }
}
