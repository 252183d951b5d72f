<?php

declare(strict_types=1);

namespace Marjoram\Core\Clearing;

/**
 * The methods of clearing one apiary, each planned at its best and ranked. Entry point of the module.
 * Minutes, rates and thresholds are common practice (ClearingAssumptions).
 */
final readonly class Clearing
{
    /** Minutes that a second drive, a hundred bees and a risk of robbing count for in the rank. */
    private const SECOND_VISIT = 25.0;

    private const ROBBING = ['low' => 0.0, 'medium' => 30.0, 'high' => 90.0];

    private MethodPlanner $planner;

    public function __construct(ClearingAssumptions $assumptions = new ClearingAssumptions)
    {
        $this->planner = new MethodPlanner($assumptions);
    }

    /**
     * @param  list<HiveToClear>  $hives
     * @param  list<DayForecast>  $forecast
     * @param  int  $crew  people, 1 or more
     * @return list<MethodPlan> best first, those that cannot be done last
     */
    public function compare(array $hives, array $forecast, int $crew, Kit $kit, bool $dearth): array
    {
        $job = new Job(array_values(array_filter($hives, static fn (HiveToClear $hive): bool => $hive->supers > 0)), max(1, $crew), $dearth);
        $plans = [
            $this->planner->escapeBoards($job, $forecast, $kit),
            $this->planner->fumeBoards($job, $forecast, $kit),
            $this->planner->blower($job, $forecast, $kit),
            $this->planner->brush($job, $forecast),
        ];
        $plans = array_map(fn (MethodPlan $plan): MethodPlan => $this->weighed($plan, $job), $plans);
        usort($plans, static fn (MethodPlan $a, MethodPlan $b): int => [! $a->feasible(), $a->weight()] <=> [! $b->feasible(), $b->weight()]);

        return $plans;
    }

    /**
     * Why the first of ranked plans stands before the second.
     *
     * @param  list<MethodPlan>  $ranked
     */
    public function reasonOfRank(array $ranked): string
    {
        $first = $ranked[0] ?? null;
        if ($first === null || ! $first->feasible()) {
            return 'No method can be used on the days known.';
        }
        $second = $ranked[1] ?? null;
        if ($second === null || ! $second->feasible()) {
            return 'It is the only method that can be used.';
        }
        $minutes = $second->personMinutes - $first->personMinutes;

        return match (true) {
            $minutes >= 0.0 && $first->robbingRisk === $second->robbingRisk => sprintf('It takes %.0f person-minutes less than the next.', $minutes),
            $minutes >= 0.0 => sprintf('It takes %.0f person-minutes less and the risk of robbing is %s.', $minutes, $first->robbingRisk),
            default => sprintf('It takes %.0f person-minutes more than the next but leaves fewer bees and a %s risk of robbing.', -$minutes, $first->robbingRisk),
        };
    }

    private function weighed(MethodPlan $plan, Job $job): MethodPlan
    {
        $penalty = self::SECOND_VISIT * $job->crew * max(0, count($plan->visits) - 1)
            + ($job->dearth ? self::ROBBING[$plan->robbingRisk] : 0.0)
            + $plan->beesLeftPerSuper * $job->supers() / 100.0;

        return new MethodPlan($plan->method, $plan->refusal, $plan->visits, $plan->personMinutes, $plan->onSiteMinutes,
            $plan->beesLeftPerSuper, $plan->robbingRisk, $plan->cautions, $penalty);
    }
}
