<?php

declare(strict_types=1);

namespace Marjoram\Core\Clearing;

use Marjoram\Core\Numerics\LinearTable;

/** Plans each method at its best over the days known. */
final readonly class MethodPlanner
{
    private LinearTable $fumeMinutes;

    public function __construct(private ClearingAssumptions $assumptions)
    {
        $this->fumeMinutes = new LinearTable($assumptions->fumeMinutes);
    }

    /** Share of the bees left over the nights of these minima: cool nights empty a super sooner. */
    public function shareLeft(float ...$nightMinimaC): float
    {
        $a = $this->assumptions;
        $sum = 0.0;
        foreach ($nightMinimaC as $minC) {
            $warm = min(1.0, max(0.0, ($minC - 10.0) / 10.0));
            $sum += $a->boardRateCool + $warm * ($a->boardRateWarm - $a->boardRateCool);
        }

        return exp(-$sum);
    }

    /** @param  list<DayForecast>  $forecast */
    public function escapeBoards(Job $job, array $forecast, Kit $kit): MethodPlan
    {
        $refusal = $this->none($job) ?? match (true) {
            $kit->escapeBoards < count($job->hives) => sprintf('%d boards for %d hives: %d short.', $kit->escapeBoards, count($job->hives), count($job->hives) - $kit->escapeBoards),
            $job->withBrood() !== [] => 'Brood in the supers of '.implode(', ', $job->withBrood()).': bees do not leave it.',
            count($forecast) < 2 => 'Two days are needed and fewer are known.',
            default => null,
        };
        if ($refusal !== null) {
            return new MethodPlan(Method::EscapeBoard, $refusal);
        }
        [$from, $to, $left] = $this->bestNights($forecast);
        $a = $this->assumptions;
        $minutes = $a->boardPlacePerHive * count($job->hives) + ($a->boardPlacePerSuper + $a->boardCollectPerSuper) * $job->supers() + $a->moveBox * $job->boxesToMove();
        $cautions = ['Right side up, gaps taped, no upper entrance; no board longer than three nights.'];

        return new MethodPlan(Method::EscapeBoard, null, [$forecast[$from]->date, $forecast[$to]->date], $minutes, $minutes / $job->crew,
            $left * $a->beesPerSuper, 'low', $this->withExcluderCaution($job, $cautions));
    }

    /** @param  list<DayForecast>  $forecast */
    public function fumeBoards(Job $job, array $forecast, Kit $kit): MethodPlan
    {
        $a = $this->assumptions;
        $days = array_filter($forecast, static fn (DayForecast $day): bool => $day->maxC >= $a->fumeLeastC && $day->rainP <= $a->fumeMostRain);
        $refusal = $this->none($job) ?? match (true) {
            $kit->fumeBoards < 1 => 'There is no fume board.',
            $job->withBrood() !== [] => 'Brood in the supers of '.implode(', ', $job->withBrood()).': bees do not leave it.',
            $days === [] => sprintf('No day known is dry and at least %.0f C.', $a->fumeLeastC),
            default => null,
        };
        if ($refusal !== null) {
            return new MethodPlan(Method::FumeBoard, $refusal);
        }
        usort($days, fn (DayForecast $x, DayForecast $y): int => $this->fumeOn($x) <=> $this->fumeOn($y));
        $onSite = $this->fumeOn($days[0]) * ceil($job->supers() / $kit->fumeBoards);

        return new MethodPlan(Method::FumeBoard, null, [$days[0]->date], $onSite * $job->crew, $onSite, $a->beesLeftFume, 'low',
            $this->withExcluderCaution($job, ['Repellent: follow the label, gloves, open air; some taint whatever they touch.']));
    }

    /** @param  list<DayForecast>  $forecast */
    public function blower(Job $job, array $forecast, Kit $kit): MethodPlan
    {
        $a = $this->assumptions;
        $refusal = $this->none($job) ?? ($kit->blower ? $this->noDry($forecast) : 'There is no blower.');
        if ($refusal !== null) {
            return new MethodPlan(Method::Blower, $refusal);
        }
        $minutes = $a->blowerPerSuper * $job->supers();

        return new MethodPlan(Method::Blower, null, [$this->driest($forecast)->date], $minutes, $minutes / $job->crew, $a->beesLeftBlower, 'medium',
            $this->withExcluderCaution($job, ['Noise and flying debris: ear and eye protection; people stand clear.']));
    }

    /** @param  list<DayForecast>  $forecast */
    public function brush(Job $job, array $forecast): MethodPlan
    {
        $a = $this->assumptions;
        $refusal = $this->none($job) ?? $this->noDry($forecast);
        if ($refusal !== null) {
            return new MethodPlan(Method::Brush, $refusal);
        }
        $minutes = $a->brushPerSuper * $job->supers();

        return new MethodPlan(Method::Brush, null, [$this->driest($forecast)->date], $minutes, $minutes / $job->crew, $a->beesLeftBrush, 'high',
            $this->withExcluderCaution($job, ['Cover each box at once: robbing once begun is hard to stop.']));
    }

    /**
     * The earliest pair of days, up to three nights apart, that leaves fewest bees; a night more must
     * halve what is left to be worth it.
     *
     * @param  list<DayForecast>  $forecast
     * @return array{int, int, float}
     */
    private function bestNights(array $forecast): array
    {
        $best = [0, 1, INF];
        $score = INF;
        for ($from = 0; $from < count($forecast) - 1; $from++) {
            for ($nights = 1; $nights <= 3 && $from + $nights < count($forecast); $nights++) {
                $minima = array_map(static fn (DayForecast $day): float => $day->minC, array_slice($forecast, $from + 1, $nights));
                $left = $this->shareLeft(...$minima);
                $rain = $forecast[$from]->rainP + $forecast[$from + $nights]->rainP;
                $try = max($left, 0.02) * 2.0 ** ($nights - 1) * (1.0 + $rain) * 1.08 ** $from;
                if ($try < $score) {
                    [$best, $score] = [[$from, $from + $nights, $left], $try];
                }
            }
        }

        return $best;
    }

    private function fumeOn(DayForecast $day): float
    {
        return $this->fumeMinutes->at(min(30.0, $day->maxC)) * ($day->sun < 0.5 ? $this->assumptions->withoutSun : 1.0);
    }

    private function none(Job $job): ?string
    {
        return $job->supers() === 0 ? 'No super is to come off.' : null;
    }

    /** @param  list<DayForecast>  $forecast */
    private function noDry(array $forecast): ?string
    {
        return $forecast === [] || $this->driest($forecast)->rainP >= 0.6 ? 'No day known is dry enough.' : null;
    }

    /** @param  list<DayForecast>  $forecast  not empty */
    private function driest(array $forecast): DayForecast
    {
        $best = $forecast[0];
        foreach ($forecast as $i => $day) {
            if ($day->rainP + 0.02 * $i < $best->rainP) {
                $best = $day;
            }
        }

        return $best;
    }

    /**
     * @param  list<string>  $cautions
     * @return list<string>
     */
    private function withExcluderCaution(Job $job, array $cautions): array
    {
        foreach ($job->hives as $hive) {
            if (! $hive->excluder) {
                return [...$cautions, "No excluder on $hive->id: look for brood and the queen first."];
            }
        }

        return $cautions;
    }
}
