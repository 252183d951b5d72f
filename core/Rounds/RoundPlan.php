<?php

declare(strict_types=1);

namespace Marjoram\Core\Rounds;

/**
 * A plan with everything that follows from it, reckoned anew from its services alone. Costs in minutes.
 */
final readonly class RoundPlan
{
    /**
     * @param  list<Service>  $services
     * @param  list<array{route: list<int>, travel: float, work: float, boards: int, in: float, held: float}>  $days
     * @param  array<int, int>  $notServed  yard => hives
     * @param  array{total: float, travel: float, work: float, late: float, weather: float, robbing: float, parts: float, not_served: float}  $cost
     * @param  list<array{limit: 'crew'|'truck'|'boards'|'hold', day: int, by: float}>  $broken  limits that it breaks: none in a plan of the planner's
     */
    private function __construct(public array $services, public array $days, public array $notServed, public array $cost, public array $broken)
    {
    }

    /** @param  list<Service>  $services */
    public static function of(RoundTask $task, array $services, ?Tours $tours = null): self
    {
        $tours ??= new Tours($task->travel);
        $minutes = new Services($task);
        $set = $boards = array_fill(0, count($task->days), 0);
        $work = $in = array_fill(0, count($task->days), 0.0);
        $cost = ['total' => 0.0, 'travel' => 0.0, 'work' => 0.0, 'late' => 0.0, 'weather' => 0.0, 'robbing' => 0.0, 'parts' => 0.0, 'not_served' => 0.0];
        $served = array_fill(0, count($task->yards), 0);
        $parts = [];
        foreach ($services as $service) {
            $yard = $task->yards[$service->yard];
            $supers = $yard->supersPerHive() * $service->hives;
            [$place, $collect] = $minutes->work($service->way, $service->hives, $supers, $minutes->nights($service->first, $service->last));
            foreach ($minutes->penalties($service->way, $yard, $service->hives, $service->first, $service->last) as $kind => $charge) {
                $cost[$kind] += $charge;
            }
            if ($service->places()) {
                $work[$service->first] += $place;
                $set[$service->first] |= 1 << $service->yard;
                for ($d = $service->first; $d <= $service->last; $d++) {
                    $boards[$d] += $service->hives;
                }
            }
            $work[$service->last] += $collect;
            $set[$service->last] |= 1 << $service->yard;
            $in[$service->last] += $supers;
            $served[$service->yard] += $service->hives;
            $parts[$service->yard] = ($parts[$service->yard] ?? 0) + 1;
        }
        $cost['parts'] = array_sum(array_map(static fn (int $count): float => $task->params->secondPart * ($count - 1), $parts));
        $notServed = [];
        foreach ($task->yards as $i => $yard) {
            if ($served[$i] < $yard->hives) {
                $notServed[$i] = $yard->hives - $served[$i];
                $cost['not_served'] += $task->params->notServed + $task->params->notServedPerHive * $notServed[$i];
            }
        }
        $days = array_map(static fn (int $set, float $work, int $boards, float $in): array => ['set' => $set, 'work' => $work, 'boards' => $boards, 'in' => $in], $set, $work, $boards, $in);
        [$table, $broken] = self::days($task, $days, $tours);
        $cost['travel'] = array_sum(array_column($table, 'travel'));
        $cost['work'] = array_sum(array_column($table, 'work'));
        $cost['total'] = $cost['travel'] + $cost['work'] + $cost['late'] + $cost['weather'] + $cost['robbing'] + $cost['parts'] + $cost['not_served'];

        return new self($services, $table, $notServed, $cost, $broken);
    }

    /**
     * @param  array<int, array{set: int, work: float, boards: int, in: float}>  $days
     * @return array{list<array{route: list<int>, travel: float, work: float, boards: int, in: float, held: float}>, list<array{limit: 'crew'|'truck'|'boards'|'hold', day: int, by: float}>}
     */
    private static function days(RoundTask $task, array $days, Tours $tours): array
    {
        $table = $broken = [];
        $held = $task->heldSupers;
        foreach ($task->days as $d => $of) {
            $day = $days[$d];
            $held = max($day['in'], $held + $day['in'] - $of->extractSupers);
            $travel = $tours->length($day['set']);
            $table[] = ['route' => $tours->route($day['set']), 'travel' => $travel, 'work' => $day['work'], 'boards' => $day['boards'], 'in' => $day['in'], 'held' => $held];
            // What is held already when the plan begins is nobody's fault.
            $excess = ['crew' => $travel + $day['work'] - $of->crewMin, 'truck' => $day['in'] - $task->truckSupers, 'boards' => (float) ($day['boards'] - $task->escapeBoards), 'hold' => $day['in'] > 0.0 ? $held - $task->holdSupers : 0.0];
            foreach ($excess as $limit => $by) {
                if ($by > 1e-6) {
                    $broken[] = ['limit' => $limit, 'day' => $d, 'by' => $by];
                }
            }
        }

        return [$table, $broken];
    }

    public function isFeasible(): bool
    {
        return $this->broken === [];
    }
}
