<?php

declare(strict_types=1);

namespace App\Calc\Calculations;

use App\Calc\Calculation;
use App\Calc\Input;
use App\Calc\Moment;
use App\Support\TimeBudget;
use Marjoram\Core\Rounds\IterationBudget;
use Marjoram\Core\Rounds\Planner;
use Marjoram\Core\Rounds\RoundDay;
use Marjoram\Core\Rounds\RoundParams;
use Marjoram\Core\Rounds\RoundPlan;
use Marjoram\Core\Rounds\RoundTask;
use Marjoram\Core\Rounds\RoundYard;
use Marjoram\Core\Rounds\Service;
use Marjoram\Core\Rounds\Shortfall;
use Marjoram\Core\Rounds\Shortfalls;
use Marjoram\Core\Rounds\Travel;
use Marjoram\Core\Rounds\Way;
use ReflectionMethod;

final class Rounds implements Calculation
{
    private const DEFAULT_MS = 2000;

    public function run(array $in): array
    {
        $input = new Input($in);
        $task = self::task($input, $in);
        $planner = new Planner($task, (int) $input->number('seed', 1.0));
        $plan = $planner->plan($input->has('budget_iterations') ? new IterationBudget((int) $input->number('budget_iterations')) : new TimeBudget((int) $input->number('budget_ms', self::DEFAULT_MS)));

        return self::out($task, $plan) + ['bound' => null, 'stopped' => $task->yards === [] ? 'optimal' : 'budget', 'iterations' => $planner->iterations(),
            'notes' => $task->travel->wasClosed ? ['Some travel times were longer than a way through another place; the shorter way was taken.'] : []];
    }

    /** @param  array<string, mixed>  $in */
    private static function task(Input $input, array $in): RoundTask
    {
        $days = $input->each('days', static fn (Input $one): RoundDay => new RoundDay(Moment::day($one->text('date'), '/date'), $one->number('crew_min'), $one->number('min_c'), $one->number('max_c'), $one->number('rain_p'), $one->flag('dearth'), $one->number('extract_supers', 40.0)));
        $yards = $input->each('apiaries', static fn (Input $one): RoundYard => new RoundYard($one->text('id'), (int) $one->number('hives'), $one->number('supers'), Moment::day($one->text('ready'), '/ready'), Moment::day($one->text('deadline'), '/deadline'),
            $one->has('methods') ? $one->words('methods', Way::from(...)) : Way::cases()));
        /** @var list<list<float|null>> $matrix */
        $matrix = array_map(static fn (mixed $row): array => array_map(static fn (mixed $value): ?float => is_numeric($value) ? (float) $value : null, is_array($row) ? array_values($row) : []), is_array($in['travel_min'] ?? null) ? array_values($in['travel_min']) : []);
        $kit = $input->part('kit');

        return new RoundTask($days, $yards, Travel::of($matrix, count($yards) + 1), (int) $kit->number('escape_boards'), (int) $kit->number('fume_boards'), $kit->flag('blower'),
            $input->number('truck_supers'), $input->number('hold_supers'), $input->number('held_supers'), $input->flag('split'), self::params($input->part('params')));
    }

    /** Each parameter by its name in snake case. */
    private static function params(Input $given): RoundParams
    {
        $values = [];
        foreach ((new ReflectionMethod(RoundParams::class, '__construct'))->getParameters() as $parameter) {
            $name = strtolower((string) preg_replace('/[A-Z]/', '_$0', $parameter->getName()));
            if ($given->has($name)) {
                $values[$parameter->getName()] = $parameter->getName() === 'maxNights' ? (int) $given->number($name) : $given->number($name);
            }
        }

        return new RoundParams(...$values);
    }

    /** @return array<string, mixed> */
    private static function out(RoundTask $task, RoundPlan $plan): array
    {
        $date = static fn (int $d): string => $task->days[$d]->date->format('Y-m-d');
        $days = [];
        foreach ($plan->days as $d => $day) {
            $days[] = ['date' => $date($d), 'route' => array_map(static fn (int $a): string => $task->yards[$a]->id, $day['route']), 'travel_min' => $day['travel'], 'work_min' => $day['work'], 'crew_min' => $task->days[$d]->crewMin,
                'boards_out' => $day['boards'], 'supers_in' => $day['in'], 'held_supers' => $day['held']];
        }

        return [
            'services' => array_map(static fn (Service $one): array => ['apiary' => $task->yards[$one->yard]->id, 'hives' => $one->hives, 'supers' => $task->yards[$one->yard]->supersPerHive() * $one->hives, 'method' => $one->way->value,
                'place' => $one->places() ? $date($one->first) : null, 'collect' => $date($one->last)], $plan->services),
            'days' => $days,
            'not_served' => array_map(static fn (int $a, int $hives): array => ['apiary' => $task->yards[$a]->id, 'hives' => $hives], array_keys($plan->notServed), $plan->notServed),
            'cost' => $plan->cost,
            'shortfalls' => array_map(static fn (Shortfall $one): array => ['kind' => $one->kind, 'date' => $one->date?->format('Y-m-d'), 'short_by' => $one->shortBy, 'sentence' => $one->sentence], (new Shortfalls($task))->of($plan)),
        ];
    }
}
