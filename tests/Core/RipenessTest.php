<?php

declare(strict_types=1);

namespace Tests\Core;

use Marjoram\Core\Comb\BoxKinds;
use Marjoram\Core\Comb\Face;
use Marjoram\Core\Comb\FittedBox;
use Marjoram\Core\Comb\Frame;
use Marjoram\Core\Json\Fields;
use Marjoram\Core\Json\Values;
use Marjoram\Core\Moisture\CellsRead;
use Marjoram\Core\Moisture\Reading;
use Marjoram\Core\Moisture\RefractometerScale;
use Marjoram\Core\Ripeness\NectarFlow;
use Marjoram\Core\Ripeness\Reason;
use Marjoram\Core\Ripeness\Ripeness;
use Marjoram\Core\Ripeness\RipenessPolicy;
use Marjoram\Core\Ripeness\RipenessResult;
use Marjoram\Core\Ripeness\RipenessSchool;
use Marjoram\Core\Ripeness\Shake;
use Marjoram\Core\Ripeness\SlotEstimate;
use Marjoram\Core\Ripeness\Super;
use Marjoram\Core\Ripeness\TakingCaution;
use Marjoram\Core\Ripeness\Verdict;
use Marjoram\Core\Statement;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class RipenessTest extends TestCase
{
    private FittedBox $box;

    protected function setUp(): void
    {
        $this->box = new FittedBox(BoxKinds::get('langstroth-medium-10'));
    }

    /** @return iterable<string, array{Fields, Fields}> */
    public static function cases(): iterable
    {
        $stored = json_decode((string) file_get_contents(__DIR__.'/data/ripeness.json'), true, 64, JSON_THROW_ON_ERROR);
        foreach (Fields::of($stored)->parts('cases') as $case) {
            yield $case->text('name') => [$case->part('in'), $case->part('out')];
        }
    }

    /** Twenty supers whose answers were found by a program of its own, written apart from this one. */
    #[DataProvider('cases')]
    public function test_a_second_program_gives_the_same_answers(Fields $in, Fields $out): void
    {
        $result = (new Ripeness)->judge(self::super($in), self::policy($in->part('policy')));
        $box = $result->box;

        self::assertSame($out->text('verdict'), $result->verdict->value);
        self::assertEqualsWithDelta($out->number('p_policy_met'), $result->pPolicyMet, 0.005);
        self::assertEqualsWithDelta($out->number('p_capped_ok'), $result->pCapped, 0.005);
        self::assertEqualsWithDelta($out->number('p_water_ok'), $result->water->pAtMost, 0.005);
        self::assertEqualsWithDelta($out->number('capped_share'), (float) $box->cappedShare, 0.002);
        self::assertEqualsWithDelta(self::range($out->part('capped_share_range80')), $box->shareRange, 0.002);
        self::assertEqualsWithDelta(self::range($out->part('honey_range80_kg')), $box->kgRange, 0.05);
        self::assertEqualsWithDelta($out->number('honey_kg'), $box->honey->kg, 0.05);
        self::assertEqualsWithDelta($out->number('honey_sd_kg'), $box->honey->sdKg(), 0.05);
        self::assertEqualsWithDelta($out->number('water_pct'), $result->water->meanPct, 0.005);
        self::assertEqualsWithDelta($out->number('water_sd_pct'), $result->water->sdPct, 0.005);
        $next = $out->part('next_step');
        self::assertSame($out->has('next_step'), $result->next !== null);
        self::assertSame($next->optionalWhole('slot'), $result->next?->slot);
        self::assertEqualsWithDelta($next->number('gain'), $result->next->gain ?? 0.0, 0.01);
        self::assertEqualsWithDelta($next->number('gain_kg'), $result->next->gainKg ?? 0.0, 0.15);
        self::assertSame($next->part('plan')->whole('frames'), $result->next->frames ?? 0);
        self::assertSame($next->part('plan')->whole('readings'), $result->next->readings ?? 0);
        foreach ($out->parts('frames') as $i => $frame) {
            $slot = $box->slots[$i];
            self::assertEqualsWithDelta($frame->number('fill'), $slot->fill, 0.002);
            self::assertEqualsWithDelta($frame->number('p_built'), $slot->built, 0.002);
            self::assertEqualsWithDelta($frame->number('honey_kg'), $slot->honey->kg, 0.05);
            self::assertSame($frame->flag('ripe'), $result->ripe[$slot->slot]);
        }
    }

    /** Nine tenths of the comb in honey: from .74 to .78 capped the answer turns without a step. */
    public function test_a_hair_more_capping_does_not_turn_the_answer(): void
    {
        $dry = [new Reading(RefractometerScale::Water, 17.0), new Reading(RefractometerScale::Water, 17.0)];
        $before = null;
        for ($share = 0.70; $share <= 0.8001; $share += 0.01) {
            $p = $this->judge(new Super($this->box, $this->all(0.9 * $share, 0.9 * (1.0 - $share)), readings: $dry))
                ->pPolicyMet;
            if ($before !== null) {
                self::assertGreaterThan($before, $p);
                self::assertLessThan($before + 0.27, $p);
            }
            $before = $p;
        }
    }

    public function test_a_mirrored_super_gives_the_mirrored_answer(): void
    {
        $frames = [$this->frame(2, 0.8, 0.1), $this->frame(5, 0.4, 0.5), $this->frame(9, 0.02, 0.0)];
        $mirrored = array_map(static fn (Frame $one): Frame => new Frame(11 - $one->slot, $one->a, $one->b), $frames);
        $one = $this->judge(new Super($this->box, $frames));
        $other = $this->judge(new Super($this->box, array_reverse($mirrored)));

        self::assertEqualsWithDelta($one->pPolicyMet, $other->pPolicyMet, 1e-9);
        self::assertEqualsWithDelta($one->box->honey->kg, $other->box->honey->kg, 1e-9);
        foreach ($one->box->slots as $i => $slot) {
            self::assertEqualsWithDelta($slot->fill, $other->box->slots[9 - $i]->fill, 1e-9);
        }
    }

    public function test_more_capping_and_drier_readings_never_speak_against_a_super(): void
    {
        $share = -1.0;
        foreach ([0.0, 0.2, 0.4, 0.6, 0.8] as $capped) {
            $now = (float) (new Ripeness)
                ->estimate(new Super($this->box, [$this->frame(4, $capped, 0.8 - $capped)]))->cappedShare;
            self::assertGreaterThan($share, $now);
            $share = $now;
        }
        $p = 2.0;
        foreach ([16.0, 17.0, 17.6, 18.2, 19.0] as $water) {
            $reading = new Reading(RefractometerScale::Water, $water);
            $now = $this->judge(new Super($this->box, $this->all(0.85, 0.1), readings: [$reading]))->pPolicyMet;
            self::assertLessThan($p, $now);
            $p = $now;
        }
    }

    /** A keeper who writes 4 says four tenths capped, and nothing of the rest. */
    public function test_what_is_not_stated_is_not_empty(): void
    {
        $face = (new Face(0.4))->withRest(null);
        $frames = array_map(static fn (int $slot): Frame => new Frame($slot, $face, $face), range(1, 10));
        $dry = [new Reading(RefractometerScale::Water, 17.2)];
        $unstated = $this->judge(new Super($this->box, $frames, Shake::Failed, $dry, flow: NectarFlow::Over));
        $empty = (new Ripeness)->estimate(new Super($this->box, $this->all(0.4, 0.0)));
        $open = (new Ripeness)->estimate(new Super($this->box, $this->all(0.4, 0.6)));

        self::assertFalse($unstated->verdict->comesOff());
        self::assertContainsEquals(new Statement(Reason::RestUnstated, ['frames' => 10]), $unstated->reasons);
        self::assertLessThan((float) $empty->cappedShare - 0.1, (float) $unstated->box->cappedShare);
        self::assertGreaterThan((float) $open->cappedShare + 0.1, (float) $unstated->box->cappedShare);
        self::assertGreaterThan($empty->honey->kg, $unstated->box->honey->kg);
        self::assertLessThan($open->honey->kg, $unstated->box->honey->kg);
    }

    public function test_nothing_capped_and_nothing_said_of_the_rest_is_no_empty_super(): void
    {
        $face = (new Face(0.0))->withRest(null);
        $frames = array_map(static fn (int $slot): Frame => new Frame($slot, $face, $face), [4, 5, 6]);
        $judged = $this->judge(new Super($this->box, $frames, flow: NectarFlow::Over));

        self::assertNotNull($judged->box->cappedShare);
        self::assertNotContains(Reason::NoHoney, array_column($judged->reasons, 'what'));
        self::assertGreaterThan(0.5, $judged->box->honey->kg);
    }

    public function test_each_verdict_is_reached(): void
    {
        $ripe = $this->all(0.95, 0.05);
        $half = $this->all(0.5, 0.4);
        $raw = $this->all(0.05, 0.6);
        $dry = [new Reading(RefractometerScale::Water, 17.0), new Reading(RefractometerScale::Water, 17.1)];
        $wet = [new Reading(RefractometerScale::Water, 19.2), new Reading(RefractometerScale::Water, 19.4)];
        $brood = [...array_slice($ripe, 1), new Frame(1, new Face(0.5, 0.0, 0.2), new Face(0.5))];
        $verdict = fn (Super $super): Verdict => $this->judge($super)->verdict;
        $over = NectarFlow::Over;

        self::assertSame(Verdict::Take, $verdict(new Super($this->box, $ripe, readings: $dry, flow: $over)));
        self::assertSame(
            Verdict::TakeAndDry,
            $verdict(new Super($this->box, $half, readings: $wet, flow: $over, dryRoom: true)),
        );
        self::assertSame(
            Verdict::Wait,
            $verdict(new Super($this->box, $raw, Shake::Failed, $wet, flow: NectarFlow::On)),
        );
        self::assertSame(Verdict::Leave, $verdict(new Super($this->box, $raw, Shake::Failed, $wet, flow: $over)));
        self::assertSame(Verdict::Look, $verdict(new Super($this->box, [], flow: $over, dryRoom: true)));
        self::assertSame(Verdict::ReadWater, $verdict(new Super($this->box, $ripe, flow: $over)));
        self::assertSame(Verdict::Rearrange, $verdict(new Super($this->box, $brood, readings: $dry)));
        self::assertSame(
            Verdict::Leave,
            $verdict(new Super($this->box, $brood, readings: $dry, canRearrange: false)),
        );
    }

    /** Common practice: honey that is capped all over does not dry on the hive. */
    public function test_sealed_honey_that_is_too_wet_is_not_waited_for(): void
    {
        $wet = array_fill(0, 3, new Reading(RefractometerScale::Water, 19.5));
        $sealed = $this->judge(new Super($this->box, $this->all(1.0, 0.0), readings: $wet, flow: NectarFlow::On));
        $open = $this->judge(new Super($this->box, $this->all(0.6, 0.4), readings: $wet, flow: NectarFlow::On));

        self::assertSame(Verdict::Leave, $sealed->verdict);
        self::assertContainsEquals(new Statement(Reason::Sealed), $sealed->reasons);
        self::assertSame(Verdict::Wait, $open->verdict);
        self::assertNotContainsEquals(new Statement(Reason::Sealed), $open->reasons);
    }

    public function test_without_a_refractometer_a_capped_super_is_taken(): void
    {
        $judged = fn (float $capped, ?Shake $shake = null): RipenessResult => $this->judge(new Super(
            $this->box,
            $this->all($capped, 0.97 - $capped),
            $shake,
            flow: NectarFlow::Over,
            hasRefractometer: false,
        ));

        self::assertSame(Verdict::Take, $judged(0.95)->verdict);
        self::assertContainsEquals(new Statement(TakingCaution::NoRefractometer), $judged(0.95)->cautions);
        self::assertSame(Verdict::Take, $judged(0.95, Shake::Passed)->verdict);
        self::assertNotSame(Verdict::Take, $judged(0.95, Shake::Failed)->verdict);
        self::assertFalse($judged(0.7)->verdict->comesOff());
        self::assertFalse($judged(0.7)->next?->isReading() ?? false);
    }

    public function test_a_super_put_on_today_holds_nothing_and_asks_for_no_look(): void
    {
        $on = fn (?float $days, NectarFlow $flow = NectarFlow::On): RipenessResult => $this->judge(
            new Super($this->box, [], flow: $flow, daysSinceEmpty: $days),
        );
        self::assertSame(Verdict::Wait, $on(0.0)->verdict);
        self::assertSame(21, $on(0.0)->waitDays);
        self::assertNull($on(0.0)->next);
        self::assertSame(Verdict::Leave, $on(0.0, NectarFlow::Over)->verdict);
        // Three weeks on, it may hold what any super does: only a look tells.
        self::assertSame(Verdict::Look, $on(21.0)->verdict);
        self::assertSame(Verdict::Look, $on(null)->verdict);
        self::assertIsInt($on(null)->next?->slot);
        $kg = fn (?float $days): float => $on($days)->box->honey->kg;
        self::assertLessThan(1.5, $kg(0.0));
        self::assertGreaterThan(2.0 * $kg(0.0), $kg(10.0));
        self::assertEqualsWithDelta($kg(null), $kg(21.0), 1e-9);
    }

    public function test_a_super_put_on_after_the_flow_fills_no_more(): void
    {
        $after = fn (float $days, float $ofFlow): RipenessResult => $this->judge(
            new Super($this->box, [], flow: NectarFlow::Over, daysSinceEmpty: $days, daysOfFlow: $ofFlow),
        );
        // A wet super given back, common practice: some hundred grams of honey, and no harvest.
        $given = $after(40.0, 0.0);
        self::assertSame(Verdict::Leave, $given->verdict);
        self::assertLessThan(1.5, $given->box->honey->kg);
        self::assertEqualsWithDelta($after(0.0, 0.0)->box->honey->kg, $given->box->honey->kg, 1e-9);
        self::assertContainsEquals(new Statement(Reason::LittleNectarSince, ['days' => 0.0]), $given->reasons);
        // Three weeks of flow fill it, whenever they were.
        self::assertSame(Verdict::Look, $after(40.0, 21.0)->verdict);
    }

    /** Common practice: nectar that rains from a frame is not ripe, whatever a mixed sample reads. */
    public function test_a_failed_shake_is_never_taken_until_open_cells_are_read(): void
    {
        $frames = $this->all(0.92, 0.08);
        $mixed = new Reading(RefractometerScale::Water, 16.8);
        $open = static fn (float $water): Reading => new Reading(RefractometerScale::Water, $water, of: CellsRead::Open);
        $judged = fn (?Shake $shake, array $readings, NectarFlow $flow, bool $dry = false): RipenessResult => $this->judge(
            new Super($this->box, $frames, $shake, $readings, flow: $flow, dryRoom: $dry),
        );
        self::assertSame(Verdict::Take, $judged(null, [$mixed, $mixed], NectarFlow::Over)->verdict);
        self::assertSame(Verdict::Leave, $judged(Shake::Failed, [$mixed, $mixed], NectarFlow::Over)->verdict);
        self::assertSame(Verdict::TakeAndDry, $judged(Shake::Failed, [$mixed, $mixed], NectarFlow::Over, true)->verdict);
        $waits = $judged(Shake::Failed, [$mixed, $mixed], NectarFlow::On);
        self::assertSame(Verdict::Wait, $waits->verdict);
        self::assertContains(Reason::ShakeFailed, array_column($waits->reasons, 'what'));
        self::assertTrue($waits->next?->isReading());
        self::assertSame(Verdict::Take, $judged(Shake::Failed, [$mixed, $open(17.2)], NectarFlow::On)->verdict);
        self::assertNotSame(Verdict::Take, $judged(Shake::Failed, [$mixed, $open(18.4)], NectarFlow::On)->verdict);
        // Where the honey is not ripe anyway, no other reading is asked for.
        $wet = [new Reading(RefractometerScale::Water, 21.0)];
        $raw = new Super($this->box, $this->all(0.1, 0.8), Shake::Failed, $wet, flow: NectarFlow::On);
        self::assertNull($this->judge($raw)->next);
        // Capping alone asks for no water; nectar rains all the same.
        $byCapping = new RipenessPolicy(RipenessSchool::Capped90);
        $super = new Super($this->box, $frames, Shake::Failed, flow: NectarFlow::Over);
        self::assertNotSame(Verdict::Take, (new Ripeness)->judge($super, $byCapping)->verdict);
    }

    public function test_the_days_to_wait_follow_what_was_gained_since_the_last_look(): void
    {
        $readings = array_fill(0, 3, new Reading(RefractometerScale::Water, 18.6));
        $result = $this->judge(new Super(
            $this->box,
            $this->all(0.4, 0.4),
            Shake::Failed,
            $readings,
            flow: NectarFlow::On,
            daysSinceLast: 5.0,
            lastCappedShare: 0.25,
        ));
        $now = (float) $result->box->cappedShare;

        self::assertSame(Verdict::Wait, $result->verdict);
        // What was gained in five days, a day, until 75 % are capped.
        self::assertSame((int) ceil((0.75 - $now) / (($now - 0.25) / 5.0)), $result->waitDays);
    }

    public function test_the_schools_ask_for_different_things(): void
    {
        $readings = [new Reading(RefractometerScale::Water, 16.8), new Reading(RefractometerScale::Water, 16.8)];
        $super = new Super($this->box, $this->all(0.94, 0.04), readings: $readings, flow: NectarFlow::Over);
        $of = static fn (RipenessSchool $school): Verdict => (new Ripeness)
            ->judge($super, new RipenessPolicy($school))->verdict;
        self::assertSame(Verdict::Take, $of(RipenessSchool::CappedAndRefractometer));
        self::assertSame(Verdict::Take, $of(RipenessSchool::Capped90));
        self::assertSame(Verdict::Take, $of(RipenessSchool::Refractometer));
        self::assertNotSame(Verdict::Take, $of(RipenessSchool::CappedOnly));
    }

    public function test_without_an_excluder_a_take_reminds_of_the_queen(): void
    {
        $result = $this->judge(new Super(
            $this->box,
            array_slice($this->all(0.98, 0.0), 1, 8),
            readings: [new Reading(RefractometerScale::Water, 16.8), new Reading(RefractometerScale::Water, 16.8)],
            excluder: false,
            flow: NectarFlow::Over,
        ));
        self::assertSame(Verdict::Take, $result->verdict);
        self::assertEquals([new Statement(TakingCaution::LookForTheQueen)], $result->cautions);
    }

    public function test_the_honey_of_a_box_is_the_sum_of_its_frames(): void
    {
        $box = (new Ripeness)->estimate(new Super($this->box, [$this->frame(4, 0.9, 0.05), $this->frame(5, 0.6, 0.3)]));

        $frames = array_sum(array_map(static fn (SlotEstimate $one): float => $one->honey->kg, $box->slots));
        self::assertEqualsWithDelta($box->honey->kg, $frames, 0.35);
        self::assertGreaterThan(0.0, $box->seenKg());
        self::assertLessThan($box->honey->kg, $box->seenKg());
    }

    private function judge(Super $super): RipenessResult
    {
        return (new Ripeness)->judge($super, new RipenessPolicy);
    }

    private function frame(int $slot, float $capped, float $open): Frame
    {
        return new Frame($slot, new Face($capped, $open), new Face($capped, $open));
    }

    /** @return list<Frame> */
    private function all(float $capped, float $open): array
    {
        return array_map(fn (int $slot): Frame => $this->frame($slot, $capped, $open), range(1, 10));
    }

    /** @return array{float, float} */
    private static function range(Fields $range): array
    {
        return [$range->number('low'), $range->number('high')];
    }

    private static function policy(Fields $policy): RipenessPolicy
    {
        return new RipenessPolicy(
            RipenessSchool::from($policy->text('school', RipenessSchool::CappedAndRefractometer->value)),
        );
    }

    private static function super(Fields $in): Super
    {
        return new Super(
            new FittedBox($in->one('box', Values::kind(...))),
            $in->each('frames', Values::frame(...)),
            Shake::tryFrom($in->text('shake')),
            $in->each('readings', Values::reading(...)),
            $in->flag('excluder', true),
            NectarFlow::from($in->text('flow', 'unknown')),
            $in->flag('dry_room'),
            paintingSd: $in->number('painting_sd', 0.08),
            hasRefractometer: $in->flag('refractometer', true),
            weight: $in->has('weight') ? $in->one('weight', Values::boxWeight(...)) : null,
        );
    }
}
