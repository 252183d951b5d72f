<?php

declare(strict_types=1);

namespace App\Console;

use App\Api\CalculationRunner;
use App\Api\Calculations\RoundsCalculation;
use DateTimeImmutable;
use Illuminate\Console\Command;
use Marjoram\Core\Comb\BoxKinds;
use Marjoram\Core\Comb\Face;
use Marjoram\Core\Comb\FittedBox;
use Marjoram\Core\Comb\Frame;
use Marjoram\Core\HoneyRoom\Allotting;
use Marjoram\Core\HoneyRoom\JarGoal;
use Marjoram\Core\HoneyRoom\JarPlanner;
use Marjoram\Core\HoneyRoom\JarSize;
use Marjoram\Core\HoneyRoom\SuperShare;
use Marjoram\Core\HoneyRoom\WeighedBucket;
use Marjoram\Core\Json\Fields;
use Marjoram\Core\Numerics\SeededRandom;
use Marjoram\Core\Reserve\Climate;
use Marjoram\Core\Reserve\ColonyNeed;
use Marjoram\Core\Reserve\Reserve;
use Marjoram\Core\Reserve\StoredBox;
use Marjoram\Core\Reserve\Winter;
use Marjoram\Core\Reserve\WinterUse;
use Marjoram\Core\Ripeness\Ripeness;
use Marjoram\Core\Ripeness\RipenessPolicy;
use Marjoram\Core\Ripeness\Super;
use Marjoram\Core\Rotor\Loads;
use Marjoram\Core\Rotor\RotorFrame;
use Marjoram\Core\Yields\Merit\QueenModel;
use Marjoram\Core\Yields\YieldRecord;

/** Times the computations alone. */
final readonly class BenchComputations
{
    public function __construct(private Command $out)
    {
    }

    public function run(CalculationRunner $door): void
    {
        $this->out->line(
            sprintf("\nripeness of 1,000 supers, three frames seen, one process: %.2f s", $this->thousandSupers()),
        );
        $this->out->line(
            sprintf('reserve of 300 hives of one yard, its winter simulated, one process: %.2f s', $this->reserves()),
        );
        $this->honeyRoom();
        $this->queens();
        $this->rounds();
        $this->out->line("\ncomputations a second, one process, through the door for programs (JSON and schema included)");
        $frame = ['a' => ['capped' => 0.8, 'open' => 0.1], 'b' => ['capped' => 0.7, 'open' => 0.2]];
        $inputs = [
            'moisture' => ['readings' => [['scale' => 'brix', 'value' => 80.1], ['scale' => 'water', 'value' => 17.6]]],
            'comb' => [
                'box' => ['kind' => 'langstroth-medium-10'],
                'frames' => array_map(static fn (int $slot): array => ['slot' => $slot] + $frame, range(1, 10)),
            ],
            'ripeness' => [
                'box' => ['kind' => 'langstroth-medium-10'],
                'frames' => array_map(static fn (int $slot): array => ['slot' => $slot] + $frame, [3, 5, 8]),
                'flow' => 'over',
            ],
        ];
        foreach ($inputs as $name => $input) {
            $json = (string) json_encode($input);
            $door->run($name, $json);
            $start = hrtime(true);
            for ($n = 0; hrtime(true) - $start < 1_500_000_000; $n++) {
                $door->run($name, $json);
            }
            $this->out->line(sprintf('  %-30s %8.0f', $name, $n / ((hrtime(true) - $start) / 1e9)));
        }
    }

    private function honeyRoom(): void
    {
        $random = new SeededRandom(14);
        $frames = array_map(
            static fn (int $n): RotorFrame => new RotorFrame("f$n", 2400.0 + $random->normal(0.0, 450.0), $n % 9 === 0),
            range(1, 600),
        );
        foreach ([4, 8, 20] as $slots) {
            $this->timed("600 frames into loads of $slots", static fn () => (new Loads)->split($slots, $frames));
        }
        $jars = array_map(
            static fn (int $n): JarSize => new JarSize("j$n", 50 * $n, 400, 1.0 + 0.3 * $n, $n % 3),
            range(1, 12),
        );
        $this->timed('jars of 12 kinds from 400 kg', static fn () => (new JarPlanner)->plan(400.0, $jars, JarGoal::MostValue, 1.0));
        $supers = array_map(
            static fn (int $n): SuperShare => SuperShare::estimated("s$n", 'H'.($n % 40), 12.0 + $random->normal(0.0, 2.0), 0.6),
            range(1, 120),
        );
        $buckets = array_map(
            static fn (): WeighedBucket => new WeighedBucket(6.0 + $random->uniform(), 1.1),
            range(1, 300),
        );
        $this->timed('300 buckets allotted to 120 supers', static fn () => (new Allotting)->allot($supers, $buckets, 0.0));
    }

    /** 1,000 hives over eight seasons at 40 yards, their queens from a few mothers a year. */
    private function queens(): void
    {
        $random = new SeededRandom(5);
        $records = $mothers = $queens = $breeders = [];
        for ($season = 2018; $season < 2026; $season++) {
            for ($hive = 0; $hive < 1000; $hive++) {
                if (! isset($queens[$hive]) || $random->chance(0.45)) {
                    $queens[$hive] = 'q'.count($records);
                    if ($breeders !== []) {
                        $mothers[$queens[$hive]] = $breeders[$random->integer(0, count($breeders) - 1)];
                    }
                }
                $kg = max(0.0, $random->normal(40.0, 12.0));
                $records[] = new YieldRecord("h$hive", 'y'.$hive % 40, $season, $queens[$hive], $kg);
            }
            $breeders = array_slice(array_values($queens), 0, 30);
        }
        $model = new QueenModel;
        $this->timed('queens of 1,000 hives over 8 seasons', static fn () => $model->fit($records));
        $this->timed('the same with their mothers', static fn () => $model->fit($records, $mothers));
    }

    /** @param  callable(): mixed  $do */
    private function timed(string $what, callable $do): void
    {
        $start = hrtime(true);
        $do();
        $this->out->line(sprintf('%s, one process: %.2f s', $what, (hrtime(true) - $start) / 1e9));
    }

    private function rounds(): void
    {
        $cases = json_decode((string) @file_get_contents(base_path('tests/Reference/data/rounds-optima.json')), true);
        foreach (is_array($cases) ? [1, 2, 5] : [] as $seconds) {
            $gap = $iterations = 0.0;
            foreach ($cases as $case) {
                $start = hrtime(true);
                $question = Fields::of(['budget_ms' => 1000 * $seconds] + $case['input']);
                $out = json_decode((string) json_encode((new RoundsCalculation)->run($question)), true);
                $gap = max($gap, $out['cost']['total'] / $case['optimum'] - 1.0);
                $iterations += $out['iterations'] / ((hrtime(true) - $start) / 1e9);
            }
            $this->out->line(
                sprintf(
                    'rounds, six small cases with proven optima, %d s: at most %.2f %% above, %.0f iterations a second',
                    $seconds,
                    100.0 * $gap,
                    $iterations / count($cases),
                ),
            );
        }
    }

    private function thousandSupers(): float
    {
        $box = new FittedBox(BoxKinds::get('langstroth-medium-10'));
        $random = new SeededRandom(3);
        $ripeness = new Ripeness;
        $start = hrtime(true);
        for ($n = 0; $n < 1000; $n++) {
            $frames = [];
            foreach ([3, 5, 8] as $slot) {
                $capped = $random->between(0.0, 0.9);
                $frames[] = new Frame($slot, new Face($capped, 0.08), new Face($capped, 0.1));
            }
            $ripeness->judge(new Super($box, $frames), new RipenessPolicy);
        }

        return (hrtime(true) - $start) / 1e9;
    }

    private function reserves(): float
    {
        $start = hrtime(true);
        $use = new WinterUse(
            new Winter(
                new DateTimeImmutable('2026-10-01'),
                new DateTimeImmutable('2027-04-20'),
                10.0,
                Climate::preset('baltic-south')->monthlyMeanC,
            ),
        );
        $random = new SeededRandom(4);
        for ($n = 0; $n < 300; $n++) {
            $boxes = [new StoredBox('deep', $random->between(6.0, 15.0), 1.5, true)];
            for ($i = 0; $i < 4; $i++) {
                $boxes[] = new StoredBox("s$i", $random->between(3.0, 17.0), 1.0, false);
            }
            (new Reserve)->assess(new ColonyNeed($use, $random->between(5.0, 14.0)), $boxes);
        }

        return (hrtime(true) - $start) / 1e9;
    }
}
