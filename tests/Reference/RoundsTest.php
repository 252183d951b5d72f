<?php

declare(strict_types=1);

namespace Tests\Reference;

use DateTimeImmutable;
use Marjoram\Core\Clearing\FumeFigures;
use Marjoram\Core\Clearing\Kit;
use Marjoram\Core\Clearing\Method;
use Marjoram\Core\Numerics\IterationBudget;
use Marjoram\Core\Rounds\BoardWork;
use Marjoram\Core\Rounds\Bound;
use Marjoram\Core\Rounds\Capacity;
use Marjoram\Core\Rounds\CrewMinutes;
use Marjoram\Core\Rounds\FumeWork;
use Marjoram\Core\Rounds\Itinerary;
use Marjoram\Core\Rounds\OpenWork;
use Marjoram\Core\Rounds\Planner;
use Marjoram\Core\Rounds\RoundsQuestion;
use Marjoram\Core\Rounds\Sky;
use Marjoram\Core\Rounds\Travel;
use Marjoram\Core\Rounds\Visit;
use Marjoram\Core\Rounds\WorkDay;
use Marjoram\Core\Rounds\YardToFetch;
use PHPUnit\Framework\TestCase;
use Tests\Support\Depth;

/**
 * Plans against optima proven by a mixed-integer solver with exact routing (CBC 2.10.8, gap 0; whole yards), and
 * every plan against a checker that shares no code with the planner.
 *
 * @phpstan-type Case array{id: string, input: array<string, mixed>, optimum: float, found_by: string}
 */
final class RoundsTest extends TestCase
{
    public function test_within_one_percent_of_the_proven_optima(): void
    {
        $worst = 0.0;
        $iterations = Depth::of(12_000, 60_000);
        foreach ($this->cases() as $case) {
            $plan = (new Planner($this->task($case['input'])))->plan(new IterationBudget($iterations));
            $checked = $this->check($case['input'], $plan);
            self::assertSame([], $checked['broken'], $case['id']);
            self::assertEqualsWithDelta($checked['total'], $plan->cost->total(), 1e-6, $case['id']);
            self::assertGreaterThan($case['optimum'] - 0.01, $checked['total'], $case['id']);
            self::assertLessThan($case['optimum'] + 0.01, Bound::of($this->task($case['input'])), $case['id']);
            $worst = max($worst, $checked['total'] / $case['optimum'] - 1.0);
        }
        fwrite(
            STDERR,
            sprintf(' [rounds: at most %.2f %% above the proven optima in %d iterations] ', 100.0 * $worst, $iterations),
        );
        self::assertLessThan(0.01, $worst);
    }

    public function test_fifteen_yards_beat_plain_construction_and_more_time_is_never_worse(): void
    {
        foreach ([1, 2] as $seed) {
            $input = $this->invented(15, 14, $seed);
            $costs = [];
            foreach ([0, 2000, 8000, Depth::of(20_000, 60_000)] as $iterations) {
                $plan = (new Planner($this->task($input), 7))->plan(new IterationBudget($iterations));
                $checked = $this->check($input, $plan);
                self::assertSame([], $checked['broken']);
                self::assertEqualsWithDelta($checked['total'], $plan->cost->total(), 1e-6);
                $costs[] = $plan->cost->total();
            }
            $falling = $costs;
            rsort($falling);
            self::assertSame($falling, $costs);
            self::assertLessThan(0.95 * $costs[0], $costs[3]);
        }
    }

    public function test_forty_yards_beat_plain_construction(): void
    {
        $input = $this->invented(40, 21, 3);
        $greedy = (new Planner($this->task($input)))->plan(new IterationBudget(0));
        $plan = (new Planner($this->task($input)))->plan(new IterationBudget(Depth::of(20_000, 45_000)));
        self::assertSame([], $this->check($input, $plan)['broken']);
        fwrite(
            STDERR,
            sprintf(
                ' [40 yards: %.1f %% below plain construction] ',
                100.0 * (1.0 - $plan->cost->total() / $greedy->cost->total()),
            ),
        );
        self::assertLessThan((Depth::of(96, 95) / 100.0) * $greedy->cost->total(), $plan->cost->total());
    }

    public function test_splitting_helps_where_boards_and_truck_are_small(): void
    {
        $input = $this->invented(10, 14, 9);
        $input['kit'] = ['escape_boards' => 10, 'fume_boards' => 2, 'blower' => true];
        $input['truck_supers'] = 20;
        $whole = (new Planner($this->task($input)))->plan(new IterationBudget(20000));
        $parts = (new Planner($this->task(['split' => true] + $input)))->plan(new IterationBudget(40000));
        self::assertSame([], $this->check($input, $parts)['broken']);
        self::assertEqualsWithDelta($this->check($input, $parts)['total'], $parts->cost->total(), 1e-6);
        self::assertLessThan(0.9 * $whole->cost->total(), $parts->cost->total());
    }

    /** What a person locks may break limits; nothing else may, whatever the task. */
    public function test_random_tasks_with_own_skies_parts_and_locks_break_nothing_but_by_the_locks(): void
    {
        for ($seed = 20; $seed < 32; $seed++) {
            $input = $this->invented(5 + ($seed % 5), 9, $seed);
            $input['split'] = $seed % 2 === 0;
            $input['truck_supers'] = mt_rand(12, 60);
            $input['kit']['escape_boards'] = mt_rand(0, 20);
            foreach ($input['apiaries'] as $a => $yard) {
                foreach ($seed % 3 === 0 ? [] : array_rand($input['days'], 4) as $d) {
                    $input['apiaries'][$a]['skies'][$d] = [
                        'max_c' => mt_rand(10, 30),
                        'rain_p' => mt_rand(0, 100) / 100,
                        'dearth' => mt_rand(0, 1),
                    ];
                }
            }
            $free = (new Planner($this->task($input)))->plan(new IterationBudget(3000));
            $checked = $this->check($input, $free);
            self::assertSame([], $checked['broken'], "seed $seed");
            self::assertEqualsWithDelta($checked['total'], $free->cost->total(), 1e-6, "seed $seed");
            self::assertLessThan($checked['total'] + 0.01, Bound::of($this->task($input)), "seed $seed");
            // The first yard is brushed on a Monday, come what may.
            $monday = new DateTimeImmutable($input['days'][7]['date']);
            $first = $input['apiaries'][0];
            $lock = new Visit($first['id'], $first['hives'], Method::Brush, $monday, $monday);
            $locked = (new Planner($this->task($input, [$lock])))->plan(new IterationBudget(3000));
            self::assertContainsEquals($lock, $locked->visits);
            $alone = array_column($this->check($input, Itinerary::of($this->task($input), [$lock]))['excess'], null, 0);
            foreach ($this->check($input, $locked)['excess'] as [$what, $by]) {
                self::assertLessThanOrEqual(($alone[$what][1] ?? 0.0) + 1e-6, $by, "seed $seed: $what");
            }
        }
    }

    public function test_the_same_seed_and_iterations_give_the_same_plan(): void
    {
        $task = $this->task($this->invented(8, 10, 4));
        self::assertEquals(
            (new Planner($task, 3))->plan(new IterationBudget(3000)),
            (new Planner($task, 3))->plan(new IterationBudget(3000)),
        );
    }

    /** @return list<Case> */
    private function cases(): array
    {
        /** @var list<Case> */
        return json_decode(
            (string) file_get_contents(__DIR__.'/data/rounds-optima.json'),
            true,
            flags: JSON_THROW_ON_ERROR,
        );
    }

    /**
     * @param  array<string, mixed>  $in
     * @param  list<Visit>  $locks
     */
    private function task(array $in, array $locks = []): RoundsQuestion
    {
        $sky = static fn (array $of): Sky => new Sky($of['max_c'], $of['rain_p'], (bool) $of['dearth']);
        $day = static fn (array $of): WorkDay => new WorkDay(
            new DateTimeImmutable($of['date']),
            $of['crew_min'],
            $sky($of),
            $of['extract_supers'],
        );
        $yard = static fn (array $of): YardToFetch => new YardToFetch(
            $of['id'],
            $of['hives'],
            $of['supers'],
            new DateTimeImmutable($of['ready']),
            new DateTimeImmutable($of['deadline']),
            skies: array_map($sky, $of['skies'] ?? []),
        );

        return new RoundsQuestion(
            array_map($day, $in['days']),
            array_map($yard, $in['apiaries']),
            Travel::of($in['travel_min'], count($in['apiaries']) + 1),
            new Kit($in['kit']['escape_boards'], $in['kit']['fume_boards'], $in['kit']['blower']),
            new Capacity($in['truck_supers'], $in['hold_supers'], $in['held_supers']),
            $in['split'],
            // Minutes as the cases with proven optima name them; the checker below has them as plain numbers.
            new CrewMinutes(
                new BoardWork(10.0, 3.0, 0.0, 5.0, 1.0, 1.0, 1.0, 3),
                new FumeWork(10.0, 2.0, 2.0, 0.0, new FumeFigures, 18.0, 0.6 - 1e-9),
                new OpenWork(15.0, 1.0, 2.5),
                new OpenWork(5.0, 1.0, 6.0),
                0.6,
            ),
            locks: $locks,
        );
    }

    /**
     * Every limit and the cost again from the plain numbers of the input; tours by trying every order.
     *
     * @param  array<string, mixed>  $in
     * @return array{total: float, broken: list<string>, excess: list<array{string, float}>} excess: limits of days, and by how much
     */
    private function check(array $in, Itinerary $plan): array
    {
        $days = count($in['days']);
        $dates = array_flip(array_column($in['days'], 'date'));
        $work = $come = $boards = array_fill(0, $days, 0.0);
        $visited = array_fill(0, $days, []);
        $served = $parts = array_fill(0, count($in['apiaries']), 0);
        $total = 0.0;
        $broken = $excess = [];
        foreach ($plan->visits as $one) {
            $place = array_search($one->yard, array_column($in['apiaries'], 'id'), true);
            $yard = $in['apiaries'][$place];
            [$n, $method] = [$one->hives, $one->method];
            [$first, $last] = [$dates[$one->firstDay()], $dates[$one->lastDay()]];
            $s = ($yard['supers'] / $yard['hives']) * $n;
            $nights = (int) round(
                (strtotime($in['days'][$last]['date']) - strtotime($in['days'][$first]['date'])) / 86400,
            );
            [$before, $sky] = [
                ($yard['skies'][$first] ?? []) + $in['days'][$first],
                ($yard['skies'][$last] ?? []) + $in['days'][$last],
            ];
            $rain = $sky['rain_p'];
            $broken = [...$broken, ...$this->refusals($in, $yard, $method, $first, $last, $nights)];
            if ($method === Method::EscapeBoard) {
                $work[$first] += 10 + 3 * $n;
                $work[$last] += 5 + $n + $s + ($nights === 1 ? $s : 0);
                $total += 0.5 * $n * ($before['rain_p'] + $rain) + ($nights === 3 ? 0.5 * $n : 0.0);
                $visited[$first][$place] = true;
                for ($d = $first; $d <= $last; $d++) {
                    $boards[$d] += $n;
                }
            } else {
                $work[$last] += match ($method) {
                    Method::FumeBoard => 10 + 2 * $n + 2 * $s,
                    Method::Blower => 15 + $n + 2.5 * $s,
                    default => 5 + $n + 6 * $s,
                };
                $robbed = $method === Method::FumeBoard ? 1.5 : 6.0;
                $total += 3 * $n * $rain + ((bool) $sky['dearth'] ? $robbed * $n : 0.0);
            }
            $visited[$last][$place] = true;
            $come[$last] += $s;
            $served[$place] += $n;
            $parts[$place]++;
            $total +=
                2 *
                $n *
                max(0, (int) round((strtotime($in['days'][$last]['date']) - strtotime($yard['deadline'])) / 86400));
        }
        foreach ($in['apiaries'] as $a => $yard) {
            $left = $yard['hives'] - $served[$a];
            $total += ($left > 0 ? 240 + 40 * $left : 0) + ($parts[$a] > 1 ? 20 * ($parts[$a] - 1) : 0);
            $broken = $left < 0 ? [...$broken, "{$yard['id']} served twice"] : $broken;
        }
        $held = $in['held_supers'];
        foreach ($in['days'] as $d => $day) {
            $tour = $this->shortest($in['travel_min'], array_keys($visited[$d]));
            $held = max($come[$d], $held + $come[$d] - $day['extract_supers']);
            $total += $tour + $work[$d];
            foreach (
                [
                    'crew' => $tour + $work[$d] - $day['crew_min'],
                    'truck' => $come[$d] - $in['truck_supers'],
                    'boards' => $boards[$d] - $in['kit']['escape_boards'],
                    'hold' => $come[$d] > 0 ? $held - $in['hold_supers'] : 0,
                ] as $limit => $by
            ) {
                $broken = $by > 1e-6 ? [...$broken, "$limit on {$day['date']} by $by"] : $broken;
                $excess = $by > 1e-6 ? [...$excess, ["$limit on {$day['date']}", $by]] : $excess;
            }
        }

        return ['total' => $total, 'broken' => $broken, 'excess' => $excess];
    }

    /**
     * @param  array<string, mixed>  $in
     * @param  array<string, mixed>  $yard
     * @return list<string>
     */
    private function refusals(array $in, array $yard, Method $method, int $first, int $last, int $nights): array
    {
        $found = [];
        foreach ([$first, $last] as $d) {
            $found =
                $in['days'][$d]['crew_min'] <= 0 ? [...$found, "work on a day off, {$in['days'][$d]['date']}"] : $found;
        }
        $found =
            $in['days'][$first]['date'] < $yard['ready'] ? [...$found, "{$yard['id']} before it is ready"] : $found;
        $day = ($yard['skies'][$last] ?? []) + $in['days'][$last];
        $allowed = match ($method) {
            Method::EscapeBoard => $nights >= 1 && $nights <= 3 && $in['kit']['escape_boards'] > 0,
            Method::FumeBoard => $first === $last && $day['max_c'] >= 18 && $day['rain_p'] < 0.6 && $in['kit']['fume_boards'] > 0,
            Method::Blower => $first === $last && $day['rain_p'] < 0.6 && $in['kit']['blower'],
            default => $first === $last && $day['rain_p'] < 0.6,
        };

        return $allowed ? $found : [...$found, "{$yard['id']} by $method->value on {$day['date']}"];
    }

    /**
     * @param  list<list<float>>  $minutes
     * @param  list<int>  $yards
     */
    private function shortest(array $minutes, array $yards, int $at = 0): float
    {
        if ($yards === []) {
            return $minutes[$at][0];
        }
        if (count($yards) > 8) {
            // Too many orders to try: by sets, the plainest way.
            return $this->bySets($minutes, $yards);
        }
        $least = INF;
        foreach ($yards as $i => $yard) {
            $rest = $yards;
            unset($rest[$i]);
            $least = min($least, $minutes[$at][$yard + 1] + $this->shortest($minutes, array_values($rest), $yard + 1));
        }

        return $least;
    }

    /**
     * @param  list<list<float>>  $minutes
     * @param  list<int>  $yards
     */
    private function bySets(array $minutes, array $yards): float
    {
        $reach = [];
        $n = count($yards);
        for ($set = 1; $set < 1 << $n; $set++) {
            for ($end = 0; $end < $n; $end++) {
                if ((($set >> $end) & 1) === 0) {
                    continue;
                }
                $before = $set ^ (1 << $end);
                $best = $before === 0 ? $minutes[0][$yards[$end] + 1] : INF;
                for ($k = 0; $k < $n; $k++) {
                    if ((($before >> $k) & 1) === 1) {
                        $best = min($best, $reach[$before][$k] + $minutes[$yards[$k] + 1][$yards[$end] + 1]);
                    }
                }
                $reach[$set][$end] = $best;
            }
        }
        $all = (1 << $n) - 1;

        return min(
            array_map(
                static fn (int $end): float => $reach[$all][$end] + $minutes[$yards[$end] + 1][0],
                range(0, $n - 1),
            ),
        );
    }

    /** @return array<string, mixed> */
    private function invented(int $yards, int $days, int $seed): array
    {
        mt_srand($seed);
        $between = static fn (float $lo, float $hi): float => $lo + (mt_rand() / mt_getrandmax()) * ($hi - $lo);
        $places = [[0.0, 0.0]];
        for ($i = 0; $i < $yards; $i++) {
            $places[] = [$between(-40, 40), $between(-40, 40)];
        }
        $travel = array_map(
            static fn (array $p): array => array_map(
                static fn (array $q): float => $p === $q
                    ? 0.0
                    : round(1.2 * hypot($p[0] - $q[0], $p[1] - $q[1]) + 3.0, 1),
                $places,
            ),
            $places,
        );
        $in = [
            'days' => [],
            'travel_min' => $travel,
            'apiaries' => [],
            'kit' => ['escape_boards' => 40, 'fume_boards' => 3, 'blower' => true],
            'truck_supers' => 90,
            'hold_supers' => 140,
            'held_supers' => 0,
            'split' => false,
        ];
        for ($i = 0; $i < $days; $i++) {
            $max = round($between(15, 24), 1);
            $in['days'][] = [
                'date' => date('Y-m-d', strtotime('2026-07-20') + 86400 * $i),
                'crew_min' => $i % 7 === 6 ? 0 : 600,
                'min_c' => $max - 9,
                'max_c' => $max,
                'rain_p' => round($between(0, 0.6), 2),
                'dearth' => $i > 9 ? 1 : 0,
                'extract_supers' => $i % 7 === 6 ? 0 : 50,
            ];
        }
        for ($i = 0; $i < $yards; $i++) {
            [$hives, $ready] = [mt_rand(6, 24), mt_rand(0, 4)];
            $in['apiaries'][] = [
                'id' => "Y$i",
                'hives' => $hives,
                'supers' => (int) ($hives * $between(1, 2)),
                'ready' => $in['days'][$ready]['date'],
                'deadline' => $in['days'][min($days - 1, $ready + mt_rand(4, 9))]['date'],
            ];
        }

        return $in;
    }
}
