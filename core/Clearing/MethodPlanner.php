<?php

declare(strict_types=1);

namespace Marjoram\Core\Clearing;

use DateTimeImmutable;
use Marjoram\Core\Statement;

/** Plans each method at its best over the days known. */
final readonly class MethodPlanner
{
    public function __construct(private MethodTable $table)
    {
    }

    /** @param  list<DayForecast>  $forecast */
    public function escapeBoards(Job $job, array $forecast, Kit $kit): MethodOutcome
    {
        $refusal = $this->none($job) ?? $this->tooFewBoards($job, $kit) ?? $this->brood($job);
        $refusal ??= count($forecast) < 2 ? new Statement(Refusal::TooFewDays) : null;
        if ($refusal !== null) {
            return MethodOutcome::refused(Method::EscapeBoard, $refusal);
        }
        $figures = $this->table->board;
        $nights = Nights::best($figures, $forecast);
        $minutes = $figures->handlingMin(count($job->hives), $job->supers())
            + $this->table->moveBox * $job->boxesToMove();

        return $this->planned(
            Method::EscapeBoard,
            [$forecast[$nights->from]->date, $forecast[$nights->to]->date],
            $job,
            $minutes / $job->crew,
            $nights->shareLeft * $this->table->beesPerSuper,
            Caution::RightSideUp,
        );
    }

    /** @param  list<DayForecast>  $forecast */
    public function fumeBoards(Job $job, array $forecast, Kit $kit): MethodOutcome
    {
        $figures = $this->table->fume;
        $fit = static fn (DayForecast $day): bool => $day->maxC >= $figures->leastC
            && $day->rainP <= $figures->mostRain;
        $days = array_values(array_filter($forecast, $fit));
        $refusal = $this->none($job) ?? match (true) {
            $kit->fumeBoards < 1 => new Statement(Refusal::NoFumeBoard),
            $job->withBrood() !== [] => $this->brood($job),
            $days === [] => new Statement(Refusal::NoWarmDryDay, ['celsius' => $figures->leastC]),
            default => null,
        };
        if ($refusal !== null) {
            return MethodOutcome::refused(Method::FumeBoard, $refusal);
        }
        $minutes = static fn (DayForecast $day): float => $figures->minutesASuper($day->maxC, $day->sun);
        usort($days, static fn (DayForecast $a, DayForecast $b): int => $minutes($a) <=> $minutes($b));
        $atOnce = FumeFigures::atOnce($kit->fumeBoards, count($job->hives));
        $onSite = $job->supers() * ($minutes($days[0]) / $atOnce + $figures->handlingPerSuper / $job->crew);
        $left = $this->table->beesLeftFume;

        return $this->planned(Method::FumeBoard, [$days[0]->date], $job, $onSite, $left, Caution::FollowTheLabel);
    }

    /** @param  list<DayForecast>  $forecast */
    public function blower(Job $job, array $forecast, Kit $kit): MethodOutcome
    {
        $refusal = $this->none($job) ?? ($kit->blower ? null : new Statement(Refusal::NoBlower));

        return $this->open(Method::Blower, $this->table->blower, $job, $forecast, $refusal, Caution::NoiseAndDebris);
    }

    /** @param  list<DayForecast>  $forecast */
    public function brush(Job $job, array $forecast): MethodOutcome
    {
        $refusal = $this->none($job);

        return $this->open(Method::Brush, $this->table->brush, $job, $forecast, $refusal, Caution::CoverAtOnce);
    }

    /**
     * Brood stays where it is: the frames without it come off.
     *
     * @param  list<DayForecast>  $forecast
     */
    public function byFrame(Job $job, array $forecast): MethodOutcome
    {
        $day = $this->driest($forecast);
        if ($job->frames() === 0 || $day === null || $day->rainP >= $this->table->mostRainOpen) {
            $refusal = $job->frames() === 0 ? Refusal::NoSuper : Refusal::NoDryDay;

            return MethodOutcome::refused(Method::ByFrame, new Statement($refusal));
        }
        $onSite = $this->table->perFrame * $job->frames() / $job->crew;
        $left = $this->table->byFrame->beesLeft;

        return $this->planned(Method::ByFrame, [$day->date], $job, $onSite, $left, Caution::CoverAtOnce);
    }

    /** @param  list<DayForecast>  $forecast */
    public function cold(Job $job, array $forecast): MethodOutcome
    {
        $fit = fn (DayForecast $day): bool => $day->minC < $this->table->coldC
            && $day->rainP < $this->table->mostRainOpen;
        $days = array_values(array_filter($forecast, $fit));
        $refusal = $this->none($job)
            ?? $this->brood($job)
            ?? ($days === [] ? new Statement(Refusal::NoColdDryDay, ['celsius' => $this->table->coldC]) : null);
        if ($refusal !== null) {
            return MethodOutcome::refused(Method::Cold, $refusal);
        }
        usort($days, static fn (DayForecast $a, DayForecast $b): int => $a->minC <=> $b->minC);
        $figures = $this->table->cold;
        $onSite = $figures->perSuper * $job->supers() / $job->crew;

        return $this->planned(
            Method::Cold,
            [$days[0]->date],
            $job,
            $onSite,
            $figures->beesLeft,
            Caution::BreakTheSealAgain,
        );
    }

    /** @param  list<DayForecast>  $forecast */
    private function open(
        Method $method,
        OpenFigures $figures,
        Job $job,
        array $forecast,
        ?Statement $refusal,
        Caution $caution,
    ): MethodOutcome {
        $day = $this->driest($forecast);
        if ($refusal !== null || $day === null || $day->rainP >= $this->table->mostRainOpen) {
            return MethodOutcome::refused($method, $refusal ?? new Statement(Refusal::NoDryDay));
        }
        $onSite = $figures->perSuper * $job->supers() / $job->crew;

        return $this->planned($method, [$day->date], $job, $onSite, $figures->beesLeft, $caution);
    }

    /** @param  list<DateTimeImmutable>  $visits */
    private function planned(
        Method $method,
        array $visits,
        Job $job,
        float $onSite,
        float $beesLeft,
        Caution $caution,
    ): MethodOutcome {
        $hive = $job->openHive();
        $queen = $hive === null ? [] : [new Statement(Caution::LookForTheQueen, ['hive' => $hive])];

        return MethodOutcome::planned($method, $visits, $job, $onSite, $beesLeft, new Statement($caution), ...$queen);
    }

    private function none(Job $job): ?Statement
    {
        return $job->supers() === 0 ? new Statement(Refusal::NoSuper) : null;
    }

    private function tooFewBoards(Job $job, Kit $kit): ?Statement
    {
        $short = count($job->hives) - $kit->escapeBoards;
        $figures = ['boards' => $kit->escapeBoards, 'hives' => count($job->hives), 'short' => $short];

        return $short > 0 ? new Statement(Refusal::TooFewBoards, $figures) : null;
    }

    private function brood(Job $job): ?Statement
    {
        $hives = $job->withBrood();

        return $hives === [] ? null : new Statement(Refusal::BroodAbove, ['hives' => $hives]);
    }

    /**
     * The driest day, an earlier one before a later that is hardly drier.
     *
     * @param  list<DayForecast>  $forecast
     */
    private function driest(array $forecast): ?DayForecast
    {
        $best = $forecast[0] ?? null;
        foreach ($forecast as $i => $day) {
            if ($best !== null && $day->rainP + 0.02 * $i < $best->rainP) {
                $best = $day;
            }
        }

        return $best;
    }
}
