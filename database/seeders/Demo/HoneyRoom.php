<?php

declare(strict_types=1);

namespace Database\Seeders\Demo;

use Marjoram\Core\HoneyRoom\Allotted;
use Marjoram\Core\HoneyRoom\Allotting;
use Marjoram\Core\HoneyRoom\SuperShare;
use Marjoram\Core\HoneyRoom\WeighedBucket;
use Marjoram\Core\Numerics\SeededRandom;

/** A harvest half way along the bench, and the spring honey before it: settled, jarred, partly given out. */
final readonly class HoneyRoom
{
    private const TAKEN_ON = '2026-08-02';

    /** The supers by hive, with what each holds, kg, where it stands, and its water at the door. */
    private const SUPERS = [
        ['T1', 13.1, 'awaited', null],
        ['T5', 12.4, 'awaited', null],
        ['T2', 11.8, 'spun', 17.4],
        ['T3', 14.2, 'spun', 17.2],
        ['T3', 13.6, 'dry', 19.4],
        ['T5', 15.0, 'dry', 19.1],
        ['T7', 10.9, 'dry', 18.9],
        ['T5', 14.4, 'door', 17.3],
        ['T6', 9.6, 'door', 17.5],
        ['T1', 13.8, 'spun', 17.1],
        ['T4', 12.7, 'spun', 17.0],
    ];

    /** Gross kg and water of what is weighed of it. */
    private const BUCKETS = [[27.92, 17.1], [26.4, 17.0]];

    private const TARE_KG = 1.15;

    public function __construct(private Rows $rows, private History $history, private SeededRandom $random)
    {
    }

    public function seed(Yard $yard): void
    {
        $jars = $this->kinds();
        $this->air();
        $this->rows->add('room_checks', ['checked_on' => '2026-08-04', 'who' => 'Partner']);
        $lot = $this->harvest($yard);
        foreach (self::BUCKETS as $i => [$gross, $water]) {
            $this->rows->add('buckets', [
                'lot_id' => $lot,
                'number' => $i + 1,
                'gross_kg' => $gross,
                'tare_kg' => self::TARE_KG,
                'water_pct' => $water,
                'weighed_at' => $i === 0 ? '2026-08-03 14:10:00' : '2026-08-04 15:05:00',
            ]);
        }
        $this->spring($jars);
    }

    /** @return array{string, string} ids of the kinds of jar */
    private function kinds(): array
    {
        $this->rows->add('bucket_kinds', ['name' => 'White bucket', 'tare_kg' => 1.15, 'holds_kg' => 27.0]);
        $this->rows->add('bucket_kinds', ['name' => 'Small pail', 'tare_kg' => 0.42, 'holds_kg' => 12.5]);
        $jar = fn (string $name, int $net, int $stock, int $ordered, float $price): string => $this->rows->add(
            'jar_kinds',
            ['name' => $name, 'net_g' => $net, 'stock' => $stock, 'ordered' => $ordered, 'price' => $price],
        );

        return [$jar('Pound jar', 500, 240, 40, 8.5), $jar('Small jar', 250, 120, 0, 5.0)];
    }

    private function air(): void
    {
        for ($hour = 0; $hour <= 46; $hour += 2) {
            $this->rows->add('room_airs', [
                'celsius' => round(31.5 + $this->random->normal(0.0, 0.4), 1),
                'humidity_pct' => round(39.0 + $this->random->normal(0.0, 1.5), 1),
                'source' => 'sensor',
                'read_at' => date('Y-m-d H:i:s', (int) strtotime("2026-08-02 18:00:00 UTC +$hour hours")),
            ]);
        }
    }

    private function harvest(Yard $yard): string
    {
        $harvest = $this->rows->add('harvests', [
            'apiary_id' => $yard->id,
            'season' => 2026,
            'name' => 'Summer 2026',
            'taken_on' => self::TAKEN_ON,
        ]);
        $lot = $this->rows->add('lots', [
            'harvest_id' => $harvest,
            'code' => 'L26-'.$yard->letter.'2',
            'loss_kg' => 0.0,
            'pfund_mm' => 38,
            'taste' => 'mild, minty',
            'plants' => 'lime, clover',
        ]);
        $got = self::allotted();
        foreach (self::SUPERS as $i => [$code, $kg, $station, $water]) {
            $super = $this->super($yard, $harvest, $code, $kg, $station, $i === 7, $got[$i] ?? null);
            if ($water !== null) {
                $this->reading($super, $water, '2026-08-02 16:30:00');
            }
            if ($station === 'dry') {
                $this->reading($super, round((float) $water - 0.5, 1), '2026-08-03 16:30:00');
                $this->reading($super, round((float) $water - 0.9, 1), '2026-08-04 16:30:00');
            }
        }

        return $lot;
    }

    private function super(
        Yard $yard,
        string $harvest,
        string $code,
        float $kg,
        string $station,
        bool $fresh,
        ?Allotted $got,
    ): string {
        $hive = $yard->hives[$code];
        $box = $this->history->box($yard->superKind, 'M');
        $this->rows->add('box_places', [
            'box_id' => $box,
            'hive_id' => $hive->id,
            'position' => 9,
            'role' => 'super',
            'since' => '2026-06-12',
            'until' => self::TAKEN_ON,
        ]);
        $here = ['arrived_at' => '2026-08-02 16:00:00', 'before_kg' => round($kg + 5.9, 2)];

        return $this->rows->add('taken_supers', [
            'harvest_id' => $harvest,
            'box_id' => $box,
            'hive_id' => $hive->id,
            'colony_id' => $hive->colonyId,
            'queen_id' => $hive->queenId,
            'estimate_kg' => $kg,
            'own_sd_kg' => round(0.05 * $kg, 3),
            'frozen' => json_encode(['faces' => $this->faces(), 'capped_share' => $station === 'dry' ? 0.62 : 0.94]),
            'station' => $station,
            'fresh' => $fresh,
        ] + ($station === 'awaited' ? [] : $here) + match (true) {
            $code === 'T4' => ['spun_at' => '2026-08-03 13:00:00', 'after_kg' => 6.2],
            $station === 'spun' => ['spun_at' => '2026-08-03 13:00:00'],
            default => [],
        } + ($got === null ? [] : [
            'allotted_kg' => round($got->kg, 3),
            'allotted_sd_kg' => round($got->sdKg, 3),
        ]));
    }

    /** @return array<array-key, Allotted> of the supers that are spun, by their place in the list */
    private static function allotted(): array
    {
        $shares = [];
        foreach (self::SUPERS as $i => [$code, $kg, $station]) {
            if ($station === 'spun') {
                $shares[] = $code === 'T4'
                    ? SuperShare::weighed((string) $i, $code, round($kg + 5.9, 2), 6.2)
                    : SuperShare::estimated((string) $i, $code, $kg, round(0.05 * $kg, 3));
            }
        }
        $buckets = array_map(
            static fn (array $one): WeighedBucket => new WeighedBucket($one[0], self::TARE_KG),
            self::BUCKETS,
        );

        return (new Allotting)->allot($shares, $buckets, 0.0)->supers;
    }

    /** @return array<int, array{float, float}> */
    private function faces(): array
    {
        $faces = [];
        for ($slot = 1; $slot <= 10; $slot++) {
            $full = 1.0 - 0.35 * (abs(2 * $slot - 11) / 9) ** 2;
            $faces[$slot] = [
                round($full * (1.0 + $this->random->normal(0.0, 0.06)), 3),
                round($full * (1.0 + $this->random->normal(0.0, 0.06)), 3),
            ];
        }

        return $faces;
    }

    private function reading(string $super, float $water, string $at): void
    {
        $this->rows->add('room_readings', ['taken_super_id' => $super, 'water_pct' => $water, 'read_at' => $at]);
    }

    /**
     * Two batches of the spring's honey: one jarred and partly given out, one that settles.
     *
     * @param  array{string, string}  $jars
     */
    private function spring(array $jars): void
    {
        [$large, $small] = $jars;
        $buckets = $this->rows->buckets('L26-E1');
        foreach ($buckets as $i => [$id]) {
            $this->rows->set('buckets', $id, 'water_pct', round(17.3 + 0.2 * ($i % 4), 2));
        }
        $done = $this->batch('B26-1', 'Steel tank', '2026-07-06 15:00:00');
        $settles = $this->batch('B26-2', 'Steel tank', '2026-08-03 18:00:00');
        foreach ([[0, $done], [1, $done], [2, $settles], [3, $settles]] as [$at, $batch]) {
            if (isset($buckets[$at])) {
                $this->rows->add('pours', [
                    'bucket_id' => $buckets[$at][0],
                    'batch_id' => $batch,
                    'why' => 'batch',
                    'kg' => round($buckets[$at][1], 3),
                    'poured_on' => $batch === $done ? '2026-07-06' : '2026-08-03',
                ]);
            }
        }
        $fill = $this->fill($done, $large, 84, [501.2, 500.4, 502.0, 499.1, 500.8]);
        $this->fill($done, $small, 36, null);
        foreach ([[24, 'Village shop'], [12, ''], [20, 'Saturday market']] as [$count, $whom]) {
            $this->rows->add('jar_moves', [
                'jar_fill_id' => $fill,
                'count' => $count,
                'whom' => $whom,
                'moved_on' => '2026-07-18',
            ]);
        }
    }

    private function batch(string $code, string $tank, string $at): string
    {
        return $this->rows->add('batches', [
            'code' => $code,
            'tank' => $tank,
            'depth_cm' => 42.0,
            'celsius' => 28.0,
            'poured_at' => $at,
            'closed_on' => $code === 'B26-1' ? '2026-07-09' : null,
        ]);
    }

    /** @param  list<float>|null  $weights */
    private function fill(string $batch, string $kind, int $count, ?array $weights): string
    {
        return $this->rows->add('jar_fills', [
            'batch_id' => $batch,
            'jar_kind_id' => $kind,
            'count' => $count,
            'filled_on' => '2026-07-09',
            'best_before' => '2028-07-09',
            'weights' => $weights === null ? null : json_encode($weights),
        ]);
    }
}
