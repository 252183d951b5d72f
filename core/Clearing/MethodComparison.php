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
     * @return list<MethodOutcome> best first, those that cannot be done last
     */
    public function compare(
        array $hives,
        array $forecast,
        int $crew,
        Kit $kit,
        bool $dearth,
        bool $all = false,
    ): array {
        $withSupers = array_values(array_filter($hives, static fn (HiveToClear $hive): bool => $hive->supers > 0));
        $job = new Job($withSupers, max(1, $crew), $dearth);
        $outcomes = [
            $this->planner->escapeBoards($job, $forecast, $kit),
            $this->planner->fumeBoards($job, $forecast, $kit),
            $this->planner->blower($job, $forecast, $kit),
            $this->planner->brush($job, $forecast),
            ...$all ? [$this->planner->byFrame($job, $forecast), $this->planner->cold($job, $forecast)] : [],
        ];
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
            $less < 0.0 => new Statement(RankReason::FewerBees, $figures),
            $first->robbingRisk() === $second->robbingRisk() => new Statement(RankReason::LessWork, $figures),
            default => new Statement(RankReason::LessWorkAtRisk, $figures),
        };
    }
}
