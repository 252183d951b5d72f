<?php

declare(strict_types=1);

namespace Marjoram\Core\Clearing;

use Marjoram\Core\Statement;

/**
 * The methods of clearing one apiary, each planned at its best and ranked. Entry point of the module.
 * Minutes, rates and thresholds are those of the MethodTable.
 */
final readonly class MethodComparison
{
    private MethodPlanner $planner;

    public function __construct(MethodTable $table = new MethodTable)
    {
        $this->planner = new MethodPlanner($table);
    }

    /**
     * @param  list<HiveToClear>  $hives
     * @param  list<DayForecast>  $forecast
     * @param  int  $crew  people, 1 or more
     * @param  bool  $all  frame by frame and in the cold are compared too
     * @param  bool  $robbed  the hives were robbed a few days ago: no method that leaves honey open is used
     * @return list<MethodOutcome> best first, those that cannot be done last
     */
    public function compare(
        array $hives,
        array $forecast,
        int $crew,
        Kit $kit,
        bool $dearth,
        bool $all = false,
        bool $robbed = false,
    ): array {
        $withSupers = array_values(array_filter($hives, static fn (HiveToClear $hive): bool => $hive->supers > 0));
        $job = new Job($withSupers, max(1, $crew), $dearth || $robbed);
        $others = fn (Job $of): array => self::closed([
            $this->planner->fumeBoards($of, $forecast, $kit),
            $this->planner->blower($of, $forecast, $kit),
            $this->planner->brush($of, $forecast),
            ...$all ? [$this->planner->byFrame($of, $forecast), $this->planner->cold($of, $forecast)] : [],
        ], $robbed);

        return self::ranked([$this->boards($job, $forecast, $kit, $others), ...$others($job)]);
    }

    /**
     * Where boards do not suffice for all hives, those with most supers get them and the rest is cleared by the best
     * of the others.
     *
     * @param  list<DayForecast>  $forecast
     * @param  callable(Job): list<MethodOutcome>  $others
     */
    private function boards(Job $job, array $forecast, Kit $kit, callable $others): MethodOutcome
    {
        $boards = $kit->escapeBoards;
        if ($boards < 1 || $boards >= count($job->hives)) {
            return $this->planner->escapeBoards($job, $forecast, $kit);
        }
        [$reached, $rest] = $job->split($boards);
        $some = $this->planner->escapeBoards($reached, $forecast, $kit);
        $other = self::ranked($others($rest))[0] ?? null;

        return $some->feasible() && $other?->feasible() === true
            ? $some->with($other->of(array_column($rest->hives, 'id')), array_column($reached->hives, 'id'))
            : $this->planner->escapeBoards($job, $forecast, $kit);
    }

    /**
     * @param  list<MethodOutcome>  $outcomes
     * @return list<MethodOutcome>
     */
    private static function closed(array $outcomes, bool $robbed): array
    {
        $close = static fn (MethodOutcome $one): MethodOutcome => $robbed && $one->feasible()
            && $one->robbingRisk() !== RobbingRisk::Low
                ? MethodOutcome::refused($one->method, new Statement(Refusal::Robbed))
                : $one;

        return array_map($close, $outcomes);
    }

    /**
     * @param  list<MethodOutcome>  $outcomes
     * @return list<MethodOutcome> best first, those that cannot be done last
     */
    private static function ranked(array $outcomes): array
    {
        $key = static fn (MethodOutcome $one): array => [! $one->feasible(), $one->weight()];
        usort($outcomes, static fn (MethodOutcome $a, MethodOutcome $b): int => $key($a) <=> $key($b));

        return $outcomes;
    }

    /**
     * Why the first of ranked methods stands before the second.
     *
     * @param  list<MethodOutcome>  $ranked
     * @return Statement of a RankReason
     */
    public function reasonOfRank(array $ranked): Statement
    {
        [$first, $second] = [$ranked[0] ?? null, $ranked[1] ?? null];
        if ($first === null || ! $first->feasible()) {
            return new Statement(RankReason::NoMethod);
        }
        if ($second === null || ! $second->feasible()) {
            return new Statement(RankReason::OnlyMethod);
        }
        $less = $second->personMinutes - $first->personMinutes;
        $figures = ['person_minutes' => abs($less), 'risk' => $first->robbingRisk()];

        return match (true) {
            $less < 0.0 && $first->beesLeftPerSuper < $second->beesLeftPerSuper => new Statement(
                RankReason::FewerBees,
                $figures,
            ),
            $less < 0.0 => new Statement(RankReason::SaferOrNearer, $figures),
            $first->robbingRisk() === $second->robbingRisk() => new Statement(RankReason::LessWork, $figures),
            default => new Statement(RankReason::LessWorkAtRisk, $figures),
        };
    }
}
