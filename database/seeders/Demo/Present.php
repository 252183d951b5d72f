<?php

declare(strict_types=1);

namespace Database\Seeders\Demo;

use App\Devices\SimulatedHive;
use DateTimeImmutable;
use DateTimeZone;
use Marjoram\Core\Numerics\SeededRandom;

/** The yards as they stand on the demo's day: stacks, what was seen of them, scales, signs, strengths, dates. */
final readonly class Present
{
    public function __construct(
        private Rows $rows,
        private SeededRandom $random,
        private History $history,
        private DateTimeImmutable $today,
    ) {
    }

    /**
     * @param  array<string, list<array{int, float, float, ?float, ?string}>>  $stacks  by hive code: for each
     *                                                                              super, bottom first: frames seen,
     * theta of capping, theta of fill, water read, shake
     */
    public function stack(Yard $yard, array $stacks): void
    {
        foreach ($yard->hives as $code => $hive) {
            $seenBefore = $this->random->chance(0.6);
            foreach ($stacks[$code] ?? [] as $i => $super) {
                $this->super($yard, $hive, $i, $super, $seenBefore);
            }
            $this->broodNest($hive, $yard);
        }
    }

    /**
     * One more super on a stack that stands.
     *
     * @param  array{int, float, float, ?float, ?string}  $super  as in stack()
     */
    public function onTop(Yard $yard, string $code, array $super): void
    {
        $this->super($yard, $yard->hives[$code], count($yard->hives[$code]->supers), $super, true);
    }

    /** @param  array{int, float, float, ?float, ?string}  $super */
    private function super(Yard $yard, DemoHive $hive, int $i, array $super, bool $seenBefore): void
    {
        [$seen, $cappedTheta, $fillTheta, $water, $shake] = $super;
        $box = $hive->supers[$i] ??= $this->history->box($yard->superKind, 'M');
        $this->rows->add('box_places', [
            'box_id' => $box,
            'hive_id' => $hive->id,
            'position' => count($hive->brood) + $i,
            'role' => 'super',
            'since' => $i < 2 ? '2026-06-10' : '2026-07-06',
        ]);
        if ($seen > 0) {
            if ($seenBefore) {
                $this->look(
                    $hive,
                    $box,
                    $this->today->modify('-11 days'),
                    3,
                    $cappedTheta - 1.3,
                    $fillTheta - 0.5,
                    null,
                    null,
                    $yard,
                );
            }
            $this->look($hive, $box, $this->today, $seen, $cappedTheta, $fillTheta, $water, $shake, $yard);
        }
    }

    /** @return array<string, array{float, float}> of this season: gain, and how good for flying, by date */
    public function scale(Yard $yard, string $code, Climate $climate, float $strength, float $standsOnKg = 0.0): array
    {
        $flying = [];
        foreach ([2022, 2023, 2024, 2025, 2026] as $season) {
            $until = $season === 2026 ? $this->today->format('Y-m-d') : "$season-09-20";
            $kg = 38.0 + $standsOnKg + $this->random->normal(0.0, 2.0);
            $taken = false;
            foreach (
                $climate->gains(
                    $season,
                    $yard->heather ? 0.4 : 2.6 * $strength,
                    2.1 * $strength,
                    $yard->heather ? 3.4 : 0.0,
                    $until,
                ) as $date => [$gain, $good]
            ) {
                if ($season === 2026) {
                    $flying[$date] = [$gain, $good];
                }
                $kg += $gain;
                if (! $taken && ! $yard->heather && $date >= "$season-06-09") {
                    $kg -= 41.0;
                    $taken = true;
                }
                $this->rows->add('scale_weights', [
                    'apiary_id' => $yard->id,
                    'hive_id' => $yard->hives[$code]->id,
                    'at' => "$date 04:00:00",
                    'kg' => max(15.0, round($kg, 2)),
                ]);
            }
        }
        unset($flying[$this->today->format('Y-m-d')]);

        return $flying;
    }

    /**
     * A second hive of a yard on a scale that sends by itself: somewhat weaker than the first.
     *
     * @param  array<string, float>  $gains  of the first, by date
     */
    public function sending(Yard $yard, string $code, array $gains, float $strength, DateTimeImmutable $until): void
    {
        $id = $this->rows->add('hive_scales', [
            'apiary_id' => $yard->id,
            'hive_id' => $yard->hives[$code]->id,
            'name' => 'Scale under the oak',
            'heard_at' => $until->format('Y-m-d H:i:s'),
        ]);
        $own = array_map(static fn (float $kg): float => $strength * max(0.0, $kg) + min(0.0, $kg), $gains);
        $dates = array_keys($gains);
        $steps = [$dates[50] => 8.6, $dates[64] => -31.5, $dates[92] => 8.4];
        $hive = new SimulatedHive(411, 39.0, $own, $steps, isKept: false);
        $from = new DateTimeImmutable($dates[0], new DateTimeZone('UTC'));
        foreach ($hive->readings($from, $until, 15) as $at => $kg) {
            $this->rows->reading($id, $at, $kg);
        }
    }

    /**
     * What flowered when, over the seasons.
     *
     * @param  array<string, list<array{string, string}>>  $plants  first and last day by plant, the oldest first
     */
    public function blooms(Yard $yard, array $plants): void
    {
        foreach ($plants as $plant => $days) {
            foreach ($days as $i => [$first, $last]) {
                $season = 2026 - count($days) + 1 + $i;
                $this->rows->add('blooms', [
                    'apiary_id' => $yard->id,
                    'plant' => $plant,
                    'season' => $season,
                    'began_on' => "$season-$first",
                    'ended_on' => $last === '' ? null : "$season-$last",
                ]);
            }
        }
    }

    /** @param  array<string, float>  $flying */
    public function past(Yard $yard, array $flying): void
    {
        foreach (Climate::past($flying) as $day) {
            $this->rows->add('weather_days', ['apiary_id' => $yard->id, 'source' => 'stand-in'] + $day);
        }
    }

    /** @param  list<array{string, string, string}>  $signs sign, result, date and time */
    public function signs(Yard $yard, array $signs): void
    {
        foreach ($signs as [$sign, $result, $at]) {
            $this->rows->add('flow_signs', [
                'apiary_id' => $yard->id,
                'sign' => $sign,
                'result' => $result,
                'seen_at' => $at,
            ]);
        }
    }

    /** @param  list<array{date: string, min_c: float, max_c: float, rain_p: float, sun: float}>  $forecast */
    public function days(Yard $yard, array $forecast, string $off, string $back): void
    {
        foreach ($forecast as $day) {
            $this->rows->add('weather_days', ['apiary_id' => $yard->id, 'source' => 'stand-in'] + $day);
        }
        $this->rows->add('treatments', [
            'apiary_id' => $yard->id,
            'what' => 'Mites, late summer',
            'supers_off_by' => $off,
            'may_return' => $back,
        ]);
    }

    private function broodNest(DemoHive $hive, Yard $yard): void
    {
        $frames = round(
            max(
                5.0,
                min(
                    14.0,
                    $this->random->normal(
                        count($hive->brood) === 1 && ! str_contains($yard->broodKind, 'dadant') ? 7.5 : 10.0,
                        1.3,
                    ),
                ),
            ),
            1,
        );
        $deep = str_contains($yard->broodKind, 'dadant') ? 21.0 : 12.0;
        $honey = max(4.0, $deep * count($hive->brood) + $this->random->normal(0.0, 2.6));
        $this->rows->add('winter_looks', [
            'hive_id' => $hive->id,
            'looked_on' => $this->today->modify('-2 days')->format('Y-m-d'),
            'frames_of_bees' => $frames,
            'brood_honey_kg' => round($honey, 1),
            'brood_honey_sd_kg' => round(0.13 * $honey, 2),
            'how' => 'estimated',
        ]);
        $framesPerBox = str_contains($yard->broodKind, '12') ? 12 : 10;
        foreach ($hive->brood as $i => $box) {
            $look = $this->rows->add('assessments', [
                'hive_id' => $hive->id,
                'box_id' => $box,
                'looked_on' => $this->today->modify('-2 days')->format('Y-m-d'),
                'looked_at' => $this->today->modify('-2 days')->format('Y-m-d').' 08:30:00',
            ]);
            for ($slot = 1; $slot <= $framesPerBox; $slot++) {
                $outer = abs(2 * $slot - $framesPerBox - 1) / ($framesPerBox - 1);
                $brood = max(0.0, 0.62 - 0.75 * $outer ** 2 - 0.18 * $i + $this->random->normal(0.0, 0.04));
                $capped = max(0.03, 0.14 + 0.55 * $outer ** 2 + 0.12 * $i + $this->random->normal(0.0, 0.04));
                $this->frame($look, $slot, [min(0.85, $capped), 0.05, min(0.6, $brood), 0.06]);
            }
        }
    }

    private function look(
        DemoHive $hive,
        string $box,
        DateTimeImmutable $day,
        int $seen,
        float $cappedTheta,
        float $fillTheta,
        ?float $water,
        ?string $shake,
        Yard $yard,
    ): void {
        $frames = $yard->superFrames();
        $look = $this->rows->add('assessments', [
            'hive_id' => $hive->id,
            'box_id' => $box,
            'looked_on' => $day->format('Y-m-d'),
            'looked_at' => $day->format('Y-m-d').' 08:05:00',
            'shake' => $shake,
        ]);
        $order = [
            intdiv($frames, 2),
            3,
            $frames - 2,
            intdiv($frames, 2) + 1,
            2,
            $frames - 1,
            4,
            $frames - 3,
            1,
            $frames,
        ];
        foreach (array_slice($order, 0, min($seen, count($order))) as $slot) {
            $outer = abs(2 * $slot - $frames - 1) / ($frames - 1);
            $fill = 1.0 / (1.0 + exp(-($fillTheta - 1.2 * $outer ** 2 + $this->random->normal(0.0, 0.4))));
            $share = 1.0 / (1.0 + exp(-($cappedTheta - 1.2 * $outer ** 2 + $this->random->normal(0.0, 0.4))));
            $this->frame($look, $slot, [$fill * $share, $fill * (1.0 - $share), 0.0, 0.0]);
        }
        for ($i = 0; $water !== null && $i < 2; $i++) {
            $this->rows->add('moisture_readings', [
                'assessment_id' => $look,
                'scale' => 'water',
                'value' => round($water + $this->random->normal(0.0, 0.25), 1),
                'temperature_c' => 22.0,
                'compensated' => true,
                'read_at' => $day->format('Y-m-d').' 08:10:00',
            ]);
        }
    }

    /** @param  array{float, float, float, float}  $mean capped, open, brood, pollen */
    private function frame(string $look, int $slot, array $mean): void
    {
        $row = ['assessment_id' => $look, 'slot' => $slot];
        foreach (['a', 'b'] as $side) {
            $shares = array_map(
                fn (float $share): float => $share < 0.005 ? 0.0 : max(0.0, $share + $this->random->normal(0.0, 0.03)),
                $mean,
            );
            $sum = array_sum($shares);
            foreach (['capped', 'open', 'brood', 'pollen'] as $i => $what) {
                $row["{$side}_$what"] = floor((1000.0 * $shares[$i]) / max(1.0, $sum)) / 1000.0;
            }
        }
        $this->rows->add('frame_looks', $row);
    }
}
