<?php

declare(strict_types=1);

namespace Tests\Core;

use Marjoram\Core\Comb\BoxKinds;
use Marjoram\Core\Comb\Face;
use Marjoram\Core\Comb\FittedBox;
use Marjoram\Core\Comb\Frame;
use Marjoram\Core\Moisture\CellsRead;
use Marjoram\Core\Moisture\Reading;
use Marjoram\Core\Moisture\RefractometerScale;
use Marjoram\Core\Ripeness\BoxHoney;
use Marjoram\Core\Ripeness\NectarFlow;
use Marjoram\Core\Ripeness\Reason;
use Marjoram\Core\Ripeness\Ripeness;
use Marjoram\Core\Ripeness\RipenessPolicy;
use Marjoram\Core\Ripeness\RipenessResult;
use Marjoram\Core\Ripeness\RipenessSchool;
use Marjoram\Core\Ripeness\Shake;
use Marjoram\Core\Ripeness\Super;
use Marjoram\Core\Ripeness\UnseenFrames;
use Marjoram\Core\Ripeness\Verdict;
use PHPUnit\Framework\TestCase;

final class RipenessTest extends TestCase
{
    private FittedBox $box;

    protected function setUp(): void
    {
        $this->box = new FittedBox(BoxKinds::get('langstroth-medium-10'));
    }

    /** The same posterior by brute force: a fine grid over theta and beta, the frames' errors by a fine sum. */
    public function test_the_posterior_agrees_with_a_grid_integration(): void
    {
        $seen = [$this->frame(5, 0.9, 0.05), $this->frame(3, 0.7, 0.2)];
        $estimate = (new UnseenFrames)->estimate(new Super($this->box, $seen));
        [$mean, $variance] = $this->byGrid(
            $seen,
            array_map(static fn ($slot): float => $slot->weight, $estimate->slots),
        );
        self::assertEqualsWithDelta($mean, (float) $estimate->cappedShare, 1e-3);
        self::assertEqualsWithDelta(sqrt($variance), $estimate->sd, 1e-3);
    }

    public function test_all_frames_seen_leave_nothing_to_chance(): void
    {
        $frames = array_map(fn (int $slot): Frame => $this->frame($slot, 0.8, 0.2), range(1, 10));
        $estimate = (new UnseenFrames)->estimate(new Super($this->box, $frames));
        self::assertEqualsWithDelta(0.8, (float) $estimate->cappedShare, 1e-12);
        self::assertSame(0.0, $estimate->sd);
    }

    public function test_empty_outer_frames_do_not_count_against_a_super(): void
    {
        $frames = [
            ...array_map(fn (int $slot): Frame => $this->frame($slot, 1.0, 0.0), range(2, 9)),
            $this->frame(1, 0.0, 0.02),
            $this->frame(10, 0.0, 0.02),
        ];
        self::assertEqualsWithDelta(
            1.0,
            (float) (new UnseenFrames)->estimate(new Super($this->box, $frames))->cappedShare,
            1e-12,
        );
    }

    public function test_each_verdict_is_reached(): void
    {
        $ripe = array_map(fn (int $slot): Frame => $this->frame($slot, 0.95, 0.05), range(1, 10));
        $half = array_map(fn (int $slot): Frame => $this->frame($slot, 0.5, 0.4), range(1, 10));
        $raw = array_map(fn (int $slot): Frame => $this->frame($slot, 0.05, 0.6), range(1, 10));
        $dry = [new Reading(RefractometerScale::Water, 17.0), new Reading(RefractometerScale::Water, 17.1)];
        $wet = [new Reading(RefractometerScale::Water, 19.2), new Reading(RefractometerScale::Water, 19.4)];
        $brood = [...array_slice($ripe, 1), new Frame(1, new Face(0.5, 0.0, 0.2), new Face(0.5))];

        self::assertSame(
            Verdict::Take,
            $this->judge(new Super($this->box, $ripe, readings: $dry, flow: NectarFlow::Over))->verdict,
        );
        self::assertSame(
            Verdict::TakeAndDry,
            $this->judge(new Super($this->box, $half, readings: $wet, flow: NectarFlow::Over, dryRoom: true))->verdict,
        );
        self::assertSame(
            Verdict::Wait,
            $this->judge(new Super($this->box, $raw, Shake::Failed, $wet, flow: NectarFlow::On))->verdict,
        );
        self::assertSame(
            Verdict::Leave,
            $this->judge(new Super($this->box, $raw, Shake::Failed, $wet, flow: NectarFlow::Over))->verdict,
        );
        self::assertSame(
            Verdict::Look,
            $this->judge(new Super($this->box, [], flow: NectarFlow::Over, dryRoom: true))->verdict,
        );
        self::assertSame(Verdict::Rearrange, $this->judge(new Super($this->box, $brood, readings: $dry))->verdict);
        self::assertSame(
            Verdict::Leave,
            $this->judge(new Super($this->box, $brood, readings: $dry, canRearrange: false))->verdict,
        );
    }

    public function test_a_super_put_on_today_holds_nothing_and_asks_for_no_look(): void
    {
        $on = fn (?float $days, NectarFlow $flow = NectarFlow::On): RipenessResult => $this->judge(
            new Super($this->box, [], flow: $flow, daysSinceEmpty: $days),
        );
        self::assertSame(Verdict::Wait, $on(0.0)->verdict);
        self::assertSame(21, $on(0.0)->waitDays);
        self::assertSame(Verdict::Leave, $on(0.0, NectarFlow::Over)->verdict);
        // Three weeks on, it may hold what any super does: only a look tells.
        self::assertSame(Verdict::Look, $on(21.0)->verdict);
        self::assertSame(Verdict::Look, $on(null)->verdict);
        $kg = fn (?float $days): float => BoxHoney::of($this->box, [], $on($days)->box)->honey->kg;
        self::assertLessThan(1.5, $kg(0.0));
        self::assertGreaterThan(2.0 * $kg(0.0), $kg(10.0));
        self::assertEqualsWithDelta($kg(null), $kg(21.0), 1e-9);
    }

    /** Common practice: nectar that rains from a frame is not ripe, whatever a mixed sample reads. */
    public function test_a_failed_shake_is_never_taken_until_open_cells_are_read(): void
    {
        $frames = array_map(fn (int $slot): Frame => $this->frame($slot, 0.92, 0.08), range(1, 10));
        $mixed = new Reading(RefractometerScale::Water, 17.0);
        $open = static fn (float $water): Reading => new Reading(RefractometerScale::Water, $water, of: CellsRead::Open);
        $judged = fn (?Shake $shake, array $readings, NectarFlow $flow, bool $dry = false): RipenessResult => $this->judge(
            new Super($this->box, $frames, $shake, $readings, flow: $flow, dryRoom: $dry),
        );
        self::assertSame(Verdict::Take, $judged(null, [$mixed, $mixed], NectarFlow::Over)->verdict);
        self::assertSame(Verdict::Rearrange, $judged(Shake::Failed, [$mixed, $mixed], NectarFlow::Over)->verdict);
        self::assertSame(Verdict::TakeAndDry, $judged(Shake::Failed, [$mixed, $mixed], NectarFlow::Over, true)->verdict);
        $waits = $judged(Shake::Failed, [$mixed, $mixed], NectarFlow::On);
        self::assertSame(Verdict::Wait, $waits->verdict);
        self::assertSame(Reason::ShakeFailed, $waits->reasons[0]->what);
        self::assertSame('reading', $waits->lookNext);
        self::assertSame(Verdict::Take, $judged(Shake::Failed, [$mixed, $open(17.4)], NectarFlow::On)->verdict);
        self::assertNotSame(Verdict::Take, $judged(Shake::Failed, [$mixed, $open(18.4)], NectarFlow::On)->verdict);
        // Where the honey is not ripe anyway, no other reading is asked for.
        $raw = array_map(fn (int $slot): Frame => $this->frame($slot, 0.1, 0.8), range(1, 10));
        $wet = [new Reading(RefractometerScale::Water, 21.0)];
        self::assertNull($this->judge(new Super($this->box, $raw, Shake::Failed, $wet, flow: NectarFlow::On))->lookNext);
        // Capping alone asks for no water; nectar rains all the same.
        $byCapping = new RipenessPolicy(RipenessSchool::Capped90);
        $super = new Super($this->box, $frames, Shake::Failed, flow: NectarFlow::Over);
        self::assertNotSame(Verdict::Take, (new Ripeness)->judge($super, $byCapping)->verdict);
    }

    public function test_the_days_to_wait_follow_what_was_gained_since_the_last_look(): void
    {
        $frames = array_map(fn (int $slot): Frame => $this->frame($slot, 0.4, 0.4), range(1, 10));
        $waits = fn (float $water): RipenessResult => $this->judge(
            new Super(
                $this->box,
                $frames,
                Shake::Failed,
                [new Reading(RefractometerScale::Water, $water)],
                flow: NectarFlow::On,
                daysSinceLast: 5.0,
                lastCappedShare: 0.25,
            ),
        );
        // A quarter in five days; another quarter to 75 % takes five more.
        self::assertSame(Verdict::Wait, $waits(18.6)->verdict);
        self::assertSame(5, $waits(18.6)->waitDays);
        // From 19.9 to 18.0 % at 0.3 a day.
        self::assertSame(7, $waits(19.9)->waitDays);
    }

    public function test_the_schools_ask_for_different_things(): void
    {
        $frames = array_map(fn (int $slot): Frame => $this->frame($slot, 0.9, 0.08), range(1, 10));
        $super = new Super($this->box, $frames, readings: [new Reading(RefractometerScale::Water, 17.0)], flow: NectarFlow::Over);
        $of = fn (RipenessSchool $school): Verdict => (new Ripeness)->judge($super, new RipenessPolicy($school))
            ->verdict;
        self::assertSame(Verdict::Take, $of(RipenessSchool::CappedAndRefractometer));
        self::assertSame(Verdict::Take, $of(RipenessSchool::Capped90));
        self::assertSame(Verdict::Take, $of(RipenessSchool::Refractometer));
        self::assertNotSame(Verdict::Take, $of(RipenessSchool::CappedOnly));
    }

    public function test_without_an_excluder_a_take_reminds_of_the_queen(): void
    {
        $frames = array_map(fn (int $slot): Frame => $this->frame($slot, 0.98, 0.0), range(2, 9));
        $result = $this->judge(
            new Super(
                $this->box,
                $frames,
                readings: [new Reading(RefractometerScale::Water, 16.9), new Reading(RefractometerScale::Water, 17.0)],
                excluder: false,
                flow: NectarFlow::Over,
            ),
        );
        self::assertSame(Verdict::Take, $result->verdict);
        self::assertCount(1, $result->cautions);
    }

    public function test_a_super_nobody_looked_at_names_a_frame_to_pull(): void
    {
        self::assertIsInt($this->judge(new Super($this->box, []))->lookNext);
    }

    private function judge(Super $super): RipenessResult
    {
        return (new Ripeness)->judge($super, new RipenessPolicy);
    }

    private function frame(int $slot, float $capped, float $open): Frame
    {
        return new Frame($slot, new Face($capped, $open), new Face($capped, $open));
    }

    /**
     * @param  list<Frame>  $seen
     * @param  list<float>  $weights
     * @return array{float, float}
     */
    private function byGrid(array $seen, array $weights): array
    {
        $bySlot = [];
        foreach ($seen as $frame) {
            $bySlot[$frame->slot] = (float) $frame->cappedShareOfHoney();
        }
        [$total, $first, $second] = [0.0, 0.0, 0.0];
        for ($theta = -4.0; $theta <= 6.0; $theta += 0.1) {
            for ($beta = -4.2; $beta <= 1.8; $beta += 0.1) {
                $density = exp(-0.5 * (($theta - 0.8) / 1.5) ** 2 - 0.5 * (($beta + 1.2) / 0.6) ** 2);
                $mean = $spread = 0.0;
                foreach ($weights as $i => $weight) {
                    $eta = $theta + $beta * $this->box->distanceFromCentre($i + 1) ** 2;
                    if (isset($bySlot[$i + 1])) {
                        $density *= exp(-0.5 * ((log($bySlot[$i + 1] / (1 - $bySlot[$i + 1])) - $eta) / 0.6) ** 2);
                        $mean += $weight * $bySlot[$i + 1];

                        continue;
                    }
                    [$m1, $m2] = $this->shareMoments($eta);
                    $mean += $weight * $m1;
                    $spread += $weight ** 2 * ($m2 - $m1 ** 2);
                }
                $total += $density;
                $first += $density * $mean;
                $second += $density * ($mean ** 2 + $spread);
            }
        }
        $sum = array_sum($weights);

        return [$first / $total / $sum, ($second / $total - ($first / $total) ** 2) / $sum ** 2];
    }

    /** @return array{float, float} */
    private function shareMoments(float $eta): array
    {
        [$total, $m1, $m2] = [0.0, 0.0, 0.0];
        for ($e = -2.4; $e <= 2.4; $e += 0.2) {
            $density = exp(-0.5 * ($e / 0.6) ** 2);
            $share = 1.0 / (1.0 + exp(-$eta - $e));
            $total += $density;
            $m1 += $density * $share;
            $m2 += $density * $share ** 2;
        }

        return [$m1 / $total, $m2 / $total];
    }
}
