<?php

declare(strict_types=1);

namespace App\Api\Calculations;

use App\Api\Calculation;
use App\Api\InstantText;
use App\Api\RoundsAnswer;
use App\Api\RoundsParams;
use App\Foundation\Server\WallClock;
use Marjoram\Core\Clearing\DayForecast;
use Marjoram\Core\Clearing\Kit;
use Marjoram\Core\Clearing\Method;
use Marjoram\Core\InvalidInput;
use Marjoram\Core\Json\Fields;
use Marjoram\Core\Numerics\IterationBudget;
use Marjoram\Core\Rounds\Bound;
use Marjoram\Core\Rounds\Capacity;
use Marjoram\Core\Rounds\Planner;
use Marjoram\Core\Rounds\RoundsQuestion;
use Marjoram\Core\Rounds\Sky;
use Marjoram\Core\Rounds\Travel;
use Marjoram\Core\Rounds\Visit;
use Marjoram\Core\Rounds\WorkDay;
use Marjoram\Core\Rounds\YardToFetch;

final class RoundsCalculation implements Calculation
{
    private const DEFAULT_MS = 2000;

    private const CLOSED = 'Some travel times were longer than a way through another place; the shorter way was taken.';

    public function run(Fields $input): array
    {
        $question = self::question($input);
        $planner = new Planner($question, (int) $input->number('seed', 1.0));
        $bound = Bound::of($question);
        $plan = $planner->plan(
            $input->has('budget_iterations')
                ? new IterationBudget((int) $input->number('budget_iterations'))
                : new WallClock((int) $input->number('budget_ms', self::DEFAULT_MS)),
        );

        return (new RoundsAnswer($question, $plan))->toArray() + [
            'bound' => $bound,
            'stopped' => $plan->cost->total() <= $bound + 1e-6 ? 'optimal' : 'budget',
            'iterations' => $planner->iterations(),
            'notes' => $question->travel->wasClosed ? [self::CLOSED] : [],
        ];
    }

    private static function question(Fields $input): RoundsQuestion
    {
        $days = $input->each('days', self::day(...));
        $dates = array_map(static fn (WorkDay $day): string => $day->date->format('Y-m-d'), $days);
        $places = array_flip($dates);
        $yards = $input->each('apiaries', static fn (Fields $one): YardToFetch => self::yard($one, $places));
        $params = new RoundsParams($input->part('params'), (int) $input->number('crew', 2.0));
        $kit = $input->part('kit');

        return new RoundsQuestion(
            $days,
            $yards,
            Travel::of(self::matrix($input->part('travel_min')), count($yards) + 1),
            new Kit((int) $kit->number('escape_boards'), (int) $kit->number('fume_boards'), $kit->flag('blower')),
            new Capacity(
                $input->number('truck_supers'),
                $input->number('hold_supers'),
                $input->number('held_supers'),
            ),
            $input->flag('split'),
            $params->minutes(),
            $params->charges(),
            self::locks($input, $yards, $places),
        );
    }

    private static function day(Fields $one): WorkDay
    {
        $weather = new DayForecast(
            InstantText::day($one->text('date'), '/date'),
            $one->number('min_c'),
            $one->number('max_c'),
            $one->number('rain_p'),
            $one->number('sun', 0.5),
        );

        return new WorkDay(
            $weather->date,
            $one->number('crew_min'),
            Sky::of($weather, $one->flag('dearth')),
            $one->number('extract_supers', 40.0),
        );
    }

    /** @param  array<string, int>  $places  of the days, by date */
    private static function yard(Fields $one, array $places): YardToFetch
    {
        return new YardToFetch(
            $one->text('id'),
            (int) $one->number('hives'),
            $one->number('supers'),
            InstantText::day($one->text('ready'), '/ready'),
            InstantText::day($one->text('deadline'), '/deadline'),
            $one->has('methods') ? array_map(self::method(...), $one->texts('methods')) : null,
            self::skies($one, $places),
        );
    }

    private static function method(string $name): Method
    {
        return RoundsAnswer::METHODS[$name];
    }

    /** @return list<list<float|null>> */
    private static function matrix(Fields $given): array
    {
        $number = static fn (mixed $value): ?float => is_numeric($value) ? (float) $value : null;
        $row = static fn (mixed $of): array => array_map($number, is_array($of) ? array_values($of) : []);

        return array_map($row, array_values($given->all()));
    }

    /**
     * @param  array<string, int>  $places  of the days, by date
     * @return array<int, Sky>
     */
    private static function skies(Fields $yard, array $places): array
    {
        $days = $yard->each(
            'skies',
            static fn (Fields $one): int => self::place($one->text('date'), $places, '/date'),
        );
        $skies = $yard->each(
            'skies',
            static fn (Fields $one): Sky => new Sky(
                $one->number('max_c'),
                $one->number('rain_p'),
                $one->flag('dearth'),
                $one->number('sun', 0.5),
            ),
        );

        return array_combine($days, $skies);
    }

    /**
     * @param  list<YardToFetch>  $yards
     * @param  array<string, int>  $places  of the days, by date
     * @return list<Visit>
     */
    private static function locks(Fields $input, array $yards, array $places): array
    {
        $hives = [];
        foreach ($yards as $yard) {
            $hives[$yard->id] = $yard->hives;
        }

        return $input->each('locks', static function (Fields $one) use ($hives, $places): Visit {
            self::place($one->text('apiary'), $hives, '/apiary');
            $first = $one->has('place') ? 'place' : 'collect';
            self::place($one->text($first), $places, "/$first");
            self::place($one->text('collect'), $places, '/collect');

            return new Visit(
                $one->text('apiary'),
                (int) $one->number('hives', $hives[$one->text('apiary')]),
                self::method($one->text('method')),
                InstantText::day($one->text($first), "/$first"),
                InstantText::day($one->text('collect'), '/collect'),
            );
        });
    }

    /** @param  array<string, int>  $places */
    private static function place(string $name, array $places, string $pointer): int
    {
        return $places[$name] ?? throw InvalidInput::because(
            '":name" is not in this task.',
            implode(', ', array_slice(array_keys($places), 0, 30)),
            $pointer,
            ['name' => $name],
        );
    }
}
