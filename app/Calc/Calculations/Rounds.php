<?php

declare(strict_types=1);

namespace App\Calc\Calculations;

use App\Calc\Calculation;
use App\Calc\Input;
use App\Calc\Moment;
use App\Support\TimeBudget;
use Marjoram\Core\InvalidInput;
use Marjoram\Core\Rounds\Bound;
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
use Marjoram\Core\Rounds\Sky;
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
        $bound = Bound::of($task);
        $plan = $planner->plan($input->has('budget_iterations') ? new IterationBudget((int) $input->number('budget_iterations')) : new TimeBudget((int) $input->number('budget_ms', self::DEFAULT_MS)));

        return self::out($task, $plan) + ['bound' => $bound, 'stopped' => $plan->cost['total'] <= $bound + 1e-6 ? 'optimal' : 'budget', 'iterations' => $planner->iterations(),
            'notes' => $task->travel->wasClosed ? ['Some travel times were longer than a way through another place; the shorter way was taken.'] : []];
    }

    /** @param  array<string, mixed>  $in */
    private static function task(Input $input, array $in): RoundTask
    {
        $days = $input->each('days', static fn (Input $one): RoundDay => new RoundDay(Moment::day($one->text('date'), '/date'), $one->number('crew_min'), $one->number('min_c'), $one->number('max_c'), $one->number('rain_p'), $one->flag('dearth'), $one->number('extract_supers', 40.0)));
        $places = array_flip(array_map(static fn (RoundDay $day): string => $day->date->format('Y-m-d'), $days));
        $yards = $input->each('apiaries', static fn (Input $one): RoundYard => new RoundYard($one->text('id'), (int) $one->number('hives'), $one->number('supers'), Moment::day($one->text('ready'), '/ready'), Moment::day($one->text('deadline'), '/deadline'),
            $one->has('methods') ? $one->words('methods', Way::from(...)) : Way::cases(), self::skies($one, $places)));
        /** @var list<list<float|null>> $matrix */
        $matrix = array_map(static fn (mixed $row): array => array_map(static fn (mixed $value): ?float => is_numeric($value) ? (float) $value : null, is_array($row) ? array_values($row) : []), is_array($in['travel_min'] ?? null) ? array_values($in['travel_min']) : []);
        $kit = $input->part('kit');

        return new RoundTask($days, $yards, Travel::of($matrix, count($yards) + 1), (int) $kit->number('escape_boards'), (int) $kit->number('fume_boards'), $kit->flag('blower'),
            $input->number('truck_supers'), $input->number('hold_supers'), $input->number('held_supers'), $input->flag('split'), self::params($input->part('params')), self::locks($input, $yards, $places));
    }

    /**
     * @param  array<string, int>  $places  of the days, by date
     * @return array<int, Sky>
     */
    private static function skies(Input $yard, array $places): array
    {
        $skies = [];
        foreach ($yard->each('skies', static fn (Input $one): array => [self::place($one->text('date'), $places, '/date'), new Sky($one->number('max_c'), $one->number('rain_p'), $one->flag('dearth'))]) as [$d, $sky]) {
            $skies[$d] = $sky;
        }

        return $skies;
    }

    /**
     * @param  list<RoundYard>  $yards
     * @param  array<string, int>  $places  of the days, by date
     * @return list<Service>
     */
    private static function locks(Input $input, array $yards, array $places): array
    {
        $of = array_flip(array_map(static fn (RoundYard $yard): string => $yard->id, $yards));

        return $input->each('locks', static function (Input $one) use ($of, $places, $yards): Service {
            $a = self::place($one->text('apiary'), $of, '/apiary');
            $last = self::place($one->text('collect'), $places, '/collect');

            return new Service($a, (int) $one->number('hives', $yards[$a]->hives), Way::from($one->text('method')), $one->has('place') ? self::place($one->text('place'), $places, '/place') : $last, $last);
        });
    }

    /** @param  array<string, int>  $places */
    private static function place(string $name, array $places, string $pointer): int
    {
        return $places[$name] ?? throw InvalidInput::because("\"$name\" is not in this task.", implode(', ', array_slice(array_keys($places), 0, 30)), $pointer);
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
