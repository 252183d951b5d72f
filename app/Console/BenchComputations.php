<?php

declare(strict_types=1);

namespace App\Console;

use App\Calc\CalculationRunner;
use DateTimeImmutable;
use Illuminate\Console\Command;
use Marjoram\Core\Comb\BoxKinds;
use Marjoram\Core\Comb\Face;
use Marjoram\Core\Comb\FittedBox;
use Marjoram\Core\Comb\Frame;
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

    private function rounds(): void
    {
        $cases = json_decode((string) @file_get_contents(base_path('tests/Reference/data/rounds-optima.json')), true);
        foreach (is_array($cases) ? [1, 2, 5] : [] as $seconds) {
            $gap = $iterations = 0.0;
            foreach ($cases as $case) {
                $start = hrtime(true);
                $out = json_decode(
                    (string) json_encode(
                        (new \App\Calc\Calculations\Rounds)->run(['budget_ms' => 1000 * $seconds] + $case['input']),
                    ),
                    true,
                );
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
