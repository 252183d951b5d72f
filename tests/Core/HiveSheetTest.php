<?php

declare(strict_types=1);

namespace Tests\Core;

use Marjoram\Core\Calibration\EyeCorrection;
use Marjoram\Core\Comb\BoxKind;
use Marjoram\Core\Comb\Face;
use Marjoram\Core\Comb\FittedBox;
use Marjoram\Core\Comb\Frame;
use Marjoram\Core\Numerics\SeededRandom;
use Marjoram\Core\Reserve\HiveWeight;
use Marjoram\Core\Ripeness\NectarFlow;
use Marjoram\Core\Ripeness\Ripeness;
use Marjoram\Core\Ripeness\RipenessPolicy;
use Marjoram\Core\Ripeness\Super;
use Marjoram\Core\Sheet\HeftSheet;
use Marjoram\Core\Sheet\HiveSheet;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The sheet is judged as the core judges what it stands for. */
final class HiveSheetTest extends TestCase
{
    private const POLICY = [
        'school' => 'capped-and-refractometer',
        'capped_min' => 0.75,
        'water_max_pct' => 18.0,
        'confidence' => 0.8,
    ];

    private const KIND = [
        'frames' => 10,
        'comb_area_dm2' => 6.0,
        'inside_width_mm' => 380.0,
        'empty_mass_kg' => 8.0,
    ];

    public function test_what_is_tapped_on_another_day_begins_a_look_and_makes_the_one_before_the_last(): void
    {
        $eye = new EyeCorrection(0.05, 1.1);
        $before = [self::frame(5, 0.4, 0.4), self::frame(6, 0.2, 0.5)];
        $tapped = [self::frame(4, 0.8, 0.1), self::frame(5, 0.7, 0.2)];
        $sheet = self::sheet([[
            'look' => ['on' => '2026-07-20', 'at' => 1784548800.0, 'shake' => 'failed', 'frames' => $before],
            'taps' => ['frames' => $tapped, 'shake' => 'passed'],
        ]], ['eye' => ['offset' => 0.05, 'slope' => 1.1]]);

        $frames = array_map(static fn (array $one): Frame => new Frame(
            $one['slot'],
            $eye->face(new Face(...$one['a'])),
            $eye->face(new Face(...$one['b'])),
        ), $tapped);
        $super = new Super(
            new FittedBox(BoxKind::ofMeasures(10, 6.0, 380.0, 8.0)),
            $frames,
            \Marjoram\Core\Ripeness\Shake::Passed,
            flow: NectarFlow::Slow,
            daysSinceLast: 8.0,
            lastCappedShare: 0.6 / 1.5,
        );
        $result = (new Ripeness)->judge($super, new RipenessPolicy);
        $said = self::answer($sheet)['boxes'][0];
        self::assertSame($result->verdict->value, $said['verdict']);
        self::assertEqualsWithDelta($result->pPolicyMet, $said['p_policy_met'], 1e-6);
        self::assertSame($result->waitDays, $said['wait_days']);
        self::assertSame($result->next->slot ?? ($result->next === null ? null : 'reading'), $said['look_next']);
        self::assertEqualsWithDelta($result->box->honey->kg, $said['honey_kg'], 1e-6);
    }

    public function test_what_is_tapped_on_the_day_of_the_look_is_part_of_it(): void
    {
        $look = ['on' => '2026-07-28', 'at' => 1785240000.0, 'frames' => [self::frame(5, 0.9, 0.1)]];
        $one = self::answer(self::sheet([['look' => $look, 'taps' => ['frames' => [self::frame(6, 0.8, 0.1)]]]]));
        $other = self::answer(self::sheet([[
            'look' => ['frames' => [self::frame(5, 0.9, 0.1), self::frame(6, 0.8, 0.1)]] + $look,
        ]]));
        self::assertSame($other, $one);
        // A frame painted again takes the place of what was seen.
        $again = self::answer(self::sheet([['look' => $look, 'taps' => ['frames' => [self::frame(5, 0.8, 0.1)]]]]));
        self::assertSame(1, count(array_filter(array_column($again['boxes'][0]['slots'], 'seen'))));
    }

    public function test_a_frame_that_was_taken_out_says_nothing_of_the_others_and_weighs_nothing(): void
    {
        $frames = array_map(static fn (int $slot): array => self::frame($slot, 0.9, 0.05), range(1, 10));
        $look = ['on' => '2026-07-20', 'at' => 1784548800.0, 'frames' => $frames];
        $stored = $frames;
        $stored[4] = ['gone' => true] + self::frame(5, 0.0, 0.0);
        $moved = ['look' => $look, 'gaps' => 1, 'taps' => ['moved' => [['slot' => 5]]]];
        $here = self::answer(self::sheet([$moved]))['boxes'][0];
        $there = self::answer(self::sheet([['look' => ['frames' => $stored] + $look, 'gaps' => 1]]))['boxes'][0];
        self::assertSame($there, $here, 'It is no look of today: what was seen before stands.');
        $whole = self::answer(self::sheet([['look' => $look]]))['boxes'][0];
        self::assertEqualsWithDelta(0.9 * $whole['honey_kg'], $here['honey_kg'], 0.02 * $whole['honey_kg']);
        self::assertEqualsWithDelta($whole['capped_share'], $here['capped_share'], 0.01);
        // Painted in the same breath, it is a look of today of what is left.
        $both = ['taps' => ['moved' => [['slot' => 5]], 'frames' => [self::frame(6, 0.5, 0.4)]]] + $moved;
        self::assertTrue(self::answer(self::sheet([$both]))['boxes'][0]['slots'][5]['seen']);
    }

    public function test_stores_by_weight_are_those_of_the_core(): void
    {
        $known = HiveWeight::of('both-sides', [24.0, 26.5], [9.0, 8.0], 8.0);
        $ask = [
            'how' => 'both-sides',
            'readings' => [['kg' => 24.0], ['kg' => 26.5]],
            'boxes' => [['empty_mass_kg' => 9.0], ['empty_mass_kg' => 8.0]],
            'frames_of_bees' => 8.0,
        ];
        $answer = static fn (array $asked): array => json_decode(
            (new HeftSheet)->answer((string) json_encode($asked)),
            true,
        );
        self::assertEquals([
            'gross_kg' => $known->grossKg,
            'tare_kg' => $known->tareKg,
            'stores_kg' => $known->storesKg,
            'sd_kg' => $known->sdKg,
        ], $answer($ask));
        $places = [
            '/how' => ['how' => 'guess'],
            '/readings' => ['readings' => []],
            '/readings/0' => ['readings' => [['kg' => -4], ['kg' => 20]]],
            '/frames_of_bees' => ['frames_of_bees' => 0],
            '/boxes' => ['boxes' => []],
        ];
        foreach ($places as $pointer => $wrong) {
            self::assertSame($pointer, $answer($wrong + $ask)['error']['pointer'] ?? null);
        }
        $light = $answer(['readings' => [['kg' => 3], ['kg' => 4]]] + $ask)['error'];
        self::assertSame(7.0, (float) $light['figures']['gross_kg'], (string) json_encode($light));
        self::assertStringContainsString(':tare_kg', $light['sentence']);
        self::assertStringContainsString('not JSON', (new HeftSheet)->answer('{'));
    }

    public function test_a_capped_super_above_bears_on_those_below(): void
    {
        $capped = ['look' => ['on' => '2026-07-28', 'at' => 1785240000.0, 'frames' => array_map(
            static fn (int $slot): array => self::frame($slot, 0.97, 0.0),
            range(1, 10),
        )]];
        $alone = self::answer(self::sheet([[]]))['boxes'][0];
        $below = self::answer(self::sheet([[], $capped]))['boxes'][0];
        self::assertGreaterThan($alone['capped_share'] + 0.1, $below['capped_share']);
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function refused(): iterable
    {
        yield 'a face over 1' => [self::sheet([['taps' => ['frames' => [self::frame(5, 0.9, 0.4)]]]]), '/boxes/0/frames/0/a'];
        yield 'no such slot' => [self::sheet([['taps' => ['frames' => [self::frame(11, 0.9, 0.1)]]]]), '/frames/0/slot'];
        yield 'a slot below 1' => [self::sheet([['taps' => ['frames' => [self::frame(0, 0.9, 0.1)]]]]), '/boxes/0/frames/0/slot'];
        yield 'a reading off its scale' => [
            self::sheet([['taps' => ['readings' => [['scale' => 'water', 'value' => 140]]]]]),
            '/boxes/0/readings/0/value',
        ];
        yield 'an unknown scale' => [
            self::sheet([['taps' => ['readings' => [['scale' => 'x', 'value' => 18]]]]]),
            '/boxes/0/readings/0/scale',
        ];
        yield 'no policy' => [['policy' => []] + self::sheet([[]]), '/policy/school'];
        yield 'more frames than there is room for' => [self::sheet([['frames_fitted' => 12]]), '/boxes/0/frames_fitted'];
    }

    /** @param  array<string, mixed>  $sheet */
    #[DataProvider('refused')]
    public function test_a_sheet_that_cannot_be_is_refused_with_its_place(array $sheet, string $pointer): void
    {
        $said = self::answer($sheet);
        self::assertSame($pointer, $said['error']['pointer'] ?? null, json_encode($said));
    }

    public function test_what_is_no_json_is_refused(): void
    {
        self::assertStringContainsString('not JSON', (new HiveSheet)->answer('{'));
    }

    /** The same sheets are given to the phone's core by the browser test, which finds the same to the last digit. */
    public function test_random_sheets_are_answered(): void
    {
        $verdicts = [];
        foreach (self::random(200) as $sheet) {
            $said = self::answer($sheet);
            self::assertArrayNotHasKey('error', $said, json_encode($said).json_encode($sheet));
            $verdicts[] = $said['boxes'][0]['verdict'];
        }
        self::assertGreaterThan(4, count(array_unique($verdicts)));
    }

    /** @return list<array<string, mixed>> a super each */
    public static function random(int $count): array
    {
        $random = new SeededRandom(20261126);
        $sheets = [];
        for ($i = 0; $i < $count; $i++) {
            $frames = [];
            foreach (range(1, 10) as $slot) {
                if ($random->chance(0.5)) {
                    $capped = round($random->uniform(), 2);
                    $frame = self::frame($slot, $capped, round((1.0 - $capped) * $random->uniform(), 2));
                    $frames[] = $random->chance(0.2) ? self::unstated($frame) : $frame;
                }
            }
            $known = $random->chance(0.5);
            $sheets[] = self::sheet([[
                'empty_since' => $random->chance(0.3) ? '2026-07-'.(10 + (int) (18 * $random->uniform())) : null,
                'look' => $known ? [
                    'on' => '2026-07-'.(20 + (int) (9 * $random->uniform())),
                    'at' => 1784548800.0,
                    'frames' => array_slice($frames, 0, 3),
                ] : null,
                'taps' => ['frames' => array_slice($frames, $known ? 2 : 0)] + ($random->chance(0.3)
                    ? ['readings' => [['scale' => 'water', 'value' => round(16.0 + 4.0 * $random->uniform(), 1)]]]
                    : []) + ($random->chance(0.3)
                    ? ['moved' => [['slot' => 1 + (int) (9.999 * $random->uniform())]]]
                    : []),
            ]], [
                'flow' => ['on', 'slow', 'over', 'unknown'][(int) (3.999 * $random->uniform())],
                'dry_room' => $random->chance(0.4),
                'policy' => ['refractometer' => $random->chance(0.8)] + self::POLICY,
                'flow_ended' => $random->chance(0.4) ? '2026-07-'.(10 + (int) (18 * $random->uniform())) : null,
            ]);
        }

        return $sheets;
    }

    /**
     * @param  list<array<string, mixed>>  $boxes  from the floor up
     * @param  array<string, mixed>  $more
     * @return array<string, mixed>
     */
    private static function sheet(array $boxes, array $more = []): array
    {
        $whole = static fn (array $box, int $i): array => $box + [
            'id' => "box $i",
            'super' => true,
            'kind' => self::KIND,
            'frames_fitted' => 10,
            'drawn_at' => 10,
            'comb' => ['fill_capped' => 0.7, 'fill_open' => 0.35, 'box_relative_sd' => 0.12],
            'look' => null,
            'taps' => [],
        ];

        return $more + [
            'now' => 1785240000.0,
            'today' => '2026-07-28',
            'policy' => self::POLICY,
            'can_rearrange' => true,
            'dry_room' => false,
            'flow' => 'slow',
            'excluder' => true,
            'boxes' => array_map($whole, $boxes, array_keys($boxes)),
        ];
    }

    /** @return array{slot: int, a: array<string, float>, b: array<string, float>} */
    private static function frame(int $slot, float $capped, float $open): array
    {
        $face = ['capped' => $capped, 'open' => $open];

        return ['slot' => $slot, 'a' => $face, 'b' => $face];
    }

    /**
     * @param  array{slot: int, a: array<string, float>, b: array<string, float>}  $frame
     * @return array{slot: int, a: array<string, ?float>, b: array<string, ?float>} nothing is said of one rest
     */
    private static function unstated(array $frame): array
    {
        return ['b' => ['open' => null] + $frame['b']] + $frame;
    }

    /**
     * @param  array<string, mixed>  $sheet
     * @return array<string, mixed>
     */
    private static function answer(array $sheet): array
    {
        return json_decode((new HiveSheet)->answer((string) json_encode($sheet)), true, flags: JSON_THROW_ON_ERROR);
    }
}
