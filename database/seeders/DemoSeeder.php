<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Models\Operation;
use App\Models\Role;
use App\Models\User;
use App\Pages\Practise\Tries;
use Database\Seeders\Demo\Climate;
use Database\Seeders\Demo\History;
use Database\Seeders\Demo\HoneyRoom;
use Database\Seeders\Demo\Present;
use Database\Seeders\Demo\Rows;
use Database\Seeders\Demo\Yard;
use DateTimeImmutable;
use Illuminate\Database\Seeder;
use Illuminate\Support\Facades\DB;
use Marjoram\Core\Numerics\SeededRandom;
use Marjoram\Core\Practise\PractiseFace;

/** The invented scenario: four yards in southern Sweden over five seasons, and a tiny operation in the south. */
final class DemoSeeder extends Seeder
{
    public const TODAY = '2026-08-04';

    public const PASSWORD = 'heather-and-lime';

    private const SEED = 40826;

    public function run(): void
    {
        DB::transaction(function (): void {
            $today = new DateTimeImmutable(self::TODAY);
            $north = $this->operation('Marjoram demo', 'Europe/Stockholm', 55.85, crew: 2);
            $south = $this->operation('Austral demo', 'Australia/Melbourne', -37.2, crew: 1);
            $people = [
                'keeper' => Role::Owner,
                'partner' => Role::Keeper,
                'helper' => Role::Helper,
                'viewer' => Role::Viewer,
            ];
            foreach ($people as $name => $role) {
                $user = User::query()->create([
                    'name' => ucfirst($name),
                    'email' => "$name@demo.example",
                    'password' => self::PASSWORD,
                    'current_operation_id' => $north->id,
                ]);
                $north->memberships()->create(['user_id' => $user->id, 'role' => $role]);
                if ($name === 'keeper') {
                    $south->memberships()->create(['user_id' => $user->id, 'role' => Role::Owner]);
                }
            }
            $this->north($north, $today);
            $this->south($south, $today);
        });
    }

    /** Thirty yards of ten hives over eight seasons, to measure with. The last yard has sixty hives. */
    public function large(int $yards = 30): void
    {
        $operation = $this->operation('Large demo', 'Europe/Stockholm', 55.85, crew: 4);
        $operation
            ->memberships()
            ->create([
                'user_id' => User::query()->where('email', 'keeper@demo.example')->value('id'),
                'role' => Role::Owner,
            ]);
        $today = new DateTimeImmutable(self::TODAY);
        $random = new SeededRandom(self::SEED + 2);
        $rows = new Rows($operation->id, $today->format('Y-m-d 12:00:00'));
        $history = new History($rows, $random);
        $climate = new Climate($random);
        $crops = array_fill_keys(range(2019, 2026), 16.0);
        for ($n = 0; $n < $yards; $n++) {
            $letter = chr(65 + intdiv($n, 26)).chr(65 + ($n % 26));
            // One yard is of sixty hives, more than anyone keeps in one place.
            $hives = $n === $yards - 1 ? 60 : 10;
            $yard = new Yard(
                "Yard $letter",
                strtolower("yard-$letter"),
                $letter,
                $hives,
                55.5 + 0.03 * $n,
                13.0 + 0.02 * $n,
                false,
                'langstroth-deep-10',
                'langstroth-medium-10',
                $crops,
                array_slice($crops, 0, 7, true),
            );
            $yard->id = $rows->add('apiaries', [
                'name' => $yard->name,
                'slug' => $yard->slug,
                'letter' => $letter,
                'latitude' => $yard->latitude,
                'longitude' => $yard->longitude,
                'climate' => json_encode(Climate::MEANS),
                'heather' => false,
                'notes' => '',
                'position' => $n,
            ]);
            for ($number = 1; $number <= $hives; $number++) {
                $history->settle($yard, $number, 2019, '2026-04-08');
            }
            foreach (range(2019, 2026) as $season) {
                $history->season($yard, $season, self::TODAY);
            }
            $present = new Present($rows, $random, $history, $today);
            $looks = [[4, 2.6, 2.2, 17.3, 'passed'], [3, 0.6, 1.6, 18.9, 'failed'], [0, 0.0, 0.0, null, null]];
            $present->stack($yard, array_fill_keys(array_keys($yard->hives), $looks));
            if ($n % 5 === 0) {
                $present->scale($yard, $letter.'1', $climate, 1.0);
            }
            $present->days($yard, $climate->forecast($today, 14), '2026-08-19', '2026-10-01');
        }
        $rows->write();
        // 120 supers stand on the bench of the honey room.
        $newest = DB::table('taken_supers')
            ->where('operation_id', $operation->id)
            ->orderByDesc('id')
            ->limit(120)
            ->pluck('id');
        foreach (['door', 'dry', 'spun'] as $i => $station) {
            DB::table('taken_supers')
                ->whereIn('id', $newest->slice(40 * $i, 40))
                ->update(['station' => $station, 'arrived_at' => '2026-08-03 10:00:00']);
        }
    }

    private function operation(string $name, string $zone, float $latitude, int $crew): Operation
    {
        return Operation::query()->create([
            'name' => $name,
            'time_zone' => $zone,
            'latitude' => $latitude,
            'policy' => [],
            'crew' => $crew,
            'kit' => ['escape_boards' => 8, 'fume_boards' => 2, 'blower' => false],
            'dry_room' => true,
            'demo_today' => self::TODAY,
        ]);
    }

    private function north(Operation $operation, DateTimeImmutable $today): void
    {
        $random = new SeededRandom(self::SEED);
        $rows = new Rows($operation->id, $today->format('Y-m-d 12:00:00'));
        $history = new History($rows, $random);
        $climate = new Climate($random);
        $yards = $this->yards();
        foreach ($yards as $position => $yard) {
            $yard->id = $rows->add('apiaries', [
                'name' => $yard->name,
                'slug' => $yard->slug,
                'letter' => $yard->letter,
                'latitude' => $yard->latitude,
                'longitude' => $yard->longitude,
                'climate' => json_encode(Climate::MEANS),
                'climate_source' => 'baltic-south',
                'heather' => $yard->heather,
                'notes' => $yard->notes,
                'position' => $position,
            ]);
            for ($number = 1; $number <= $yard->count; $number++) {
                // The last hive of Ekbacken and Skolgården came later: a split, and one after a lost winter.
                $history->settle(
                    $yard,
                    $number,
                    $yard->letter === 'E' && $number === 9
                        ? 2026
                        : ($yard->letter === 'S' && $number === 5
                            ? 2024
                            : 2022),
                    '2026-04-08',
                );
            }
            foreach ([2022, 2023, 2024, 2025, 2026] as $season) {
                $history->season($this->of($yard, $season), $season, self::TODAY);
            }
        }
        $this->present($rows, $random, $history, $climate, $yards, $today);
        $rows->add('instruments', [
            'name' => 'Bench refractometer',
            'scale' => 'water',
            'compensated' => false,
            'offset' => 0.15,
            'offset_sd' => 0.06,
            'checked_on' => '2026-07-18',
            'address' => 'stand-in',
        ]);
        $rows->add('instruments', [
            'name' => 'Hand refractometer',
            'scale' => 'water',
            'compensated' => true,
            'offset' => -0.2,
            'offset_sd' => 0.08,
            'checked_on' => '2026-07-18',
            'address' => null,
        ]);
        $rows->add('harvest_policies', [
            'apiary_id' => $yards[2]->id,
            'name' => 'Heather',
            'starts_on' => '2026-07-20',
            'ends_on' => '2026-09-20',
            'heather' => true,
            'policy' => json_encode(['capped_min' => 0.7]),
        ]);
        $this->practice($rows);
        (new HoneyRoom($rows, $history, new SeededRandom(self::SEED + 14)))->seed($yards[1]);
        $operation->update(['room_sensor' => 'stand-in', 'bench_scale' => 'stand-in']);
        $this->lastWinter($rows, $yards[1]);
        $rows->write();
    }

    /** One yard was weighed in autumn and in spring; it used a little more than calculated. */
    private function lastWinter(Rows $rows, Yard $yard): void
    {
        $random = new SeededRandom(self::SEED + 9);
        foreach (array_values($yard->hives) as $i => $hive) {
            if ($hive->since >= 2026) {
                continue;
            }
            $autumn = round(19.0 + $random->normal(0.0, 1.5), 2);
            $fed = $i % 3 === 1 ? 4.0 : 0.0;
            $spring = round(max(2.0, $autumn + $fed - 14.5 * (1.0 + $random->normal(0.0, 0.08))), 2);
            foreach ([['2025-10-02', $autumn], ['2026-04-02', $spring]] as [$on, $stores]) {
                $tare = 25.75;
                $rows->add('hive_weighings', [
                    'hive_id' => $hive->id,
                    'weighed_on' => $on,
                    'how' => 'both-sides',
                    'readings' => json_encode([round(0.52 * ($tare + $stores), 2), round(0.48 * ($tare + $stores), 2)]),
                    'frames_of_bees' => 9.0,
                    'tare_kg' => $tare,
                    'stores_kg' => $stores,
                    'stores_sd_kg' => 1.9,
                    'reading_sd_kg' => round(0.03 * ($tare + $stores), 3),
                ]);
            }
            if ($fed > 0.0) {
                $rows->add('feedings', [
                    'hive_id' => $hive->id,
                    'fed_on' => '2025-10-05',
                    'what' => 'syrup-2-1',
                    'amount' => 4.48,
                    'sugar_kg' => 4.0,
                    'stores_kg' => 4.0,
                ]);
            }
        }
    }

    /** The keeper has practised: an eye that sees a little too much. */
    private function practice(Rows $rows): void
    {
        $keeper = User::query()->where('email', 'keeper@demo.example')->firstOrFail();
        $random = new SeededRandom(self::SEED + 7);
        for ($number = 1; $number <= 23; $number++) {
            $truth = PractiseFace::draw(Tries::seed($keeper, 'face', $number))->cappedShare;
            $guess = min(1.0, max(0.0, round(20.0 * (0.06 + $truth + $random->normal(0.0, 0.06))) / 20.0));
            $rows->add('practice_tries', [
                'user_id' => $keeper->id,
                'task' => 'face',
                'number' => $number,
                'truth' => round($truth, 4),
                'guess' => $guess,
            ]);
        }
    }

    /** The yard with only the hives that stood there in a season. */
    private function of(Yard $yard, int $season): Yard
    {
        $then = clone $yard;
        $then->hives = array_filter($yard->hives, static fn ($hive): bool => $hive->since <= $season);

        return $then;
    }

    /** @param  list<Yard>  $yards */
    private function present(
        Rows $rows,
        SeededRandom $random,
        History $history,
        Climate $climate,
        array $yards,
        DateTimeImmutable $today,
    ): void {
        [$e, $t, $n, $s] = $yards;
        $present = new Present($rows, $random, $history, $today);
        $ripe = [10, 2.9, 2.6, 17.2, null];
        $good = [4, 2.6, 2.2, 17.3, 'passed'];
        $wet = [5, 0.6, 1.6, 18.9, 'failed'];
        $half = [4, -0.4, 0.2, null, 'failed'];
        $unseen = [0, 0.0, 0.0, null, null];
        $present->stack($e, [
            'E1' => [$ripe, $good],
            'E2' => [$good, $ripe],
            'E3' => [$ripe, $good, $wet, $unseen],
            'E4' => [$unseen, $unseen, $unseen],
            'E5' => [$half, $good],
            'E6' => [[6, 0.9, 0.3, null, 'failed']],
            'E7' => [$unseen],
            'E8' => [$ripe, $ripe, $good, $wet],
            'E9' => [],
        ]);
        $present->stack($t, [
            'T1' => [$ripe],
            'T2' => [[3, 1.5, 1.6, null, 'passed']],
            'T3' => [$good, $ripe, $unseen],
            'T4' => [$half],
            'T5' => [$ripe, $ripe, $good, $unseen],
            'T6' => [$wet],
            'T7' => [[2, 1.4, 1.8, null, null], $unseen],
        ]);
        $young = [3, -1.6, -0.3, null, 'failed'];
        $present->stack($n, [
            'N1' => [$young, $unseen],
            'N2' => [[4, -0.8, 0.4, 21.5, 'failed'], $young],
            'N3' => [$young],
            'N4' => [$unseen],
            'N5' => [$young],
            'N6' => [$young],
        ]);
        $present->stack($s, [
            'S1' => [$good],
            'S2' => [$half],
            'S3' => [$ripe, $good],
            'S4' => [$wet],
            'S5' => [$unseen],
        ]);
        $here = $present->scale($e, 'E8', $climate, 1.0, 40.0);
        $there = $present->scale($n, 'N2', $climate, 0.8, 12.0);
        foreach ([[$e, $here], [$t, $here], [$s, $here], [$n, $there]] as [$yard, $days]) {
            $present->past($yard, array_map(static fn (array $day): float => $day[1], $days));
        }
        $gains = array_map(static fn (array $day): float => $day[0], $here);
        $present->sending($e, 'E4', $gains, 0.72, new DateTimeImmutable(self::TODAY.' 17:30 UTC'));
        $present->blooms($e, [
            'Rape' => [['05-14', '06-04'], ['05-18', '06-08'], ['05-12', '06-02']],
            'Lime' => [['06-30', '07-22'], ['07-06', '07-25'], ['07-03', '07-24']],
        ]);
        $present->blooms($n, ['Heather' => [['08-06', '08-30'], ['08-02', '08-27'], ['08-01', '']]]);
        $present->signs($e, [
            ['main-bloom', 'finished', '2026-08-02 17:00:00'],
            ['robbing-test', 'robbed', '2026-08-03 12:30:00'],
        ]);
        $present->signs($t, [
            ['main-bloom', 'finished', '2026-07-31 16:00:00'],
            ['new-wax', 'seen', '2026-07-20 10:00:00'],
            ['eating-capped', 'seen', '2026-08-03 11:00:00'],
        ]);
        $present->signs($n, [['main-bloom', 'on', '2026-08-03 18:00:00'], ['new-wax', 'seen', '2026-08-03 18:00:00']]);
        $present->signs($s, [['main-bloom', 'finished', '2026-08-01 18:30:00']]);
        foreach ($yards as $yard) {
            $present->days(
                $yard,
                $climate->forecast($today, 17),
                $yard->heather ? '2026-09-05' : '2026-08-19',
                $yard->heather ? '2026-10-20' : '2026-10-01',
            );
        }
        // One that the bees are still at, in a hive that can spare it.
        $present->onTop($s, 'S3', [12, 0.6, 1.7, 20.6, 'failed']);
    }

    /** @return list<Yard> */
    private function yards(): array
    {
        $deep = 'langstroth-deep-10';
        $medium = 'langstroth-medium-10';

        return [
            new Yard(
                'Ekbacken',
                'ekbacken',
                'E',
                9,
                55.842,
                13.441,
                false,
                $deep,
                $medium,
                [2022 => 14.0, 2023 => 9.0, 2024 => 18.0, 2025 => 12.0, 2026 => 20.0],
                [2022 => 17.0, 2023 => 12.0, 2024 => 19.0, 2025 => 16.0],
                'Oak slope, morning sun; rape to the south.',
            ),
            new Yard(
                'Tegelbruket',
                'tegelbruket',
                'T',
                7,
                55.903,
                13.472,
                false,
                $deep,
                $medium,
                [2022 => 12.0, 2023 => 10.0, 2024 => 15.0, 2025 => 11.0, 2026 => 17.0],
                [2022 => 20.0, 2023 => 15.0, 2024 => 22.0, 2025 => 18.0],
                'The old brickworks; lime avenue within 400 m. Moved here in 2024 from the lower field.',
            ),
            new Yard(
                'Norra Heden',
                'norra-heden',
                'N',
                6,
                56.118,
                13.305,
                true,
                $deep,
                $medium,
                [],
                [2022 => 19.0, 2023 => 11.0, 2024 => 23.0, 2025 => 17.0],
                'Heather from August; thick honey, pressed or loosened.',
            ),
            new Yard(
                'Skolgården',
                'skolgarden',
                'S',
                5,
                55.826,
                13.352,
                false,
                'dadant-brood-12',
                'dadant-super-12',
                [2022 => 8.0, 2023 => 6.0, 2024 => 9.0, 2025 => 7.0, 2026 => 10.0],
                [2022 => 15.0, 2023 => 10.0, 2024 => 14.0, 2025 => 12.0],
                'By the school: nothing that smells, before or after school hours. Frame by frame since 2025.',
                2025,
            ),
        ];
    }

    private function south(Operation $operation, DateTimeImmutable $today): void
    {
        $random = new SeededRandom(self::SEED + 1);
        $rows = new Rows($operation->id, $today->format('Y-m-d 12:00:00'));
        $history = new History($rows, $random);
        $yard = new Yard(
            'Creek bend',
            'creek-bend',
            'C',
            3,
            -37.21,
            145.02,
            false,
            'langstroth-deep-10',
            'langstroth-medium-10',
            [],
            [],
        );
        $yard->id = $rows->add('apiaries', [
            'name' => $yard->name,
            'slug' => $yard->slug,
            'letter' => 'C',
            'latitude' => -37.21,
            'longitude' => 145.02,
            'climate' => json_encode([21.0, 21.0, 18.5, 15.0, 11.5, 9.0, 8.5, 9.5, 11.5, 14.0, 16.5, 19.0]),
            'heather' => false,
            'position' => 0,
        ]);
        foreach ([1, 2, 3] as $number) {
            $history->settle($yard, $number, 2025, '2026-02-20');
        }
        (new Present($rows, $random, $history, $today))->stack($yard, ['C1' => [[3, 0.5, 0.4, null, null]]]);
        $rows->write();
    }
}
