<?php

declare(strict_types=1);

namespace Tests\Core;

use Marjoram\Core\Comb\BoxKinds;
use Marjoram\Core\Comb\Comb;
use Marjoram\Core\Comb\CombAssumptions;
use Marjoram\Core\Comb\Face;
use Marjoram\Core\Comb\FittedBox;
use Marjoram\Core\Comb\Frame;
use Marjoram\Core\Moisture\Reading;
use Marjoram\Core\Moisture\RefractometerScale;
use Marjoram\Core\Numerics\SeededRandom;
use Marjoram\Core\Ripeness\NectarFlow;
use Marjoram\Core\Ripeness\Ripeness;
use Marjoram\Core\Ripeness\RipenessPolicy;
use Marjoram\Core\Ripeness\RipenessSchool;
use Marjoram\Core\Ripeness\Super;
use Marjoram\Core\Ripeness\Verdict;
use PHPUnit\Framework\TestCase;

/** What must hold for any box whatever was painted: found by many invented ones, not by chosen examples. */
final class InvariantsTest extends TestCase
{
    public function test_honey_adds_up_frame_by_frame_and_grows_with_what_is_painted(): void
    {
        $random = new SeededRandom(5);
        for ($case = 0; $case < 60; $case++) {
            $box = $this->box($random);
            $frames = $this->frames($random, $box, $random->integer(1, $box->framesFitted));
            $all = (new Comb)->honeyIn($box, $frames);
            $sum = array_sum(
                array_map(static fn (Frame $frame): float => (new Comb)->honeyIn($box, [$frame])->honey->kg, $frames),
            );
            self::assertEqualsWithDelta($sum, $all->honey->kg, 1e-9);
            self::assertEqualsWithDelta($all->honey->kg + $box->kind->emptyMassKg, $all->grossKg, 1e-9);
            self::assertGreaterThanOrEqual(0.0, $all->honey->sdKg());
            // Capping what was open makes a frame heavier; a fuller fill makes a box so.
            $ripened = array_map(
                static fn (Frame $frame): Frame => new Frame(
                    $frame->slot,
                    new Face($frame->a->capped + $frame->a->open, 0.0, $frame->a->brood),
                    new Face($frame->b->capped + $frame->b->open, 0.0, $frame->b->brood),
                ),
                $frames,
            );
            self::assertGreaterThanOrEqual($all->honey->kg - 1e-9, (new Comb)->honeyIn($box, $ripened)->honey->kg);
            self::assertGreaterThanOrEqual(
                $all->honey->kg,
                (new Comb(new CombAssumptions(fillCapped: 0.8, fillOpen: 0.45)))->honeyIn($box, $frames)->honey->kg,
            );
        }
    }

    public function test_doubt_falls_as_frames_are_seen(): void
    {
        $random = new SeededRandom(7);
        $model = new Ripeness;
        $doubts = array_fill(1, 8, []);
        for ($case = 0; $case < 25; $case++) {
            $box = $this->box($random);
            $frames = $this->frames($random, $box, $box->framesFitted);
            foreach (range(1, count($frames)) as $seen) {
                $estimate = $model->estimate(new Super($box, array_slice($frames, 0, $seen)));
                self::assertSame($box->framesFitted - $seen, $estimate->unseen());
                $doubts[$seen][] = $estimate->sd();
            }
        }
        $mean = static fn (array $of): float => array_sum($of) / count($of);
        foreach ([1, 2, 4, 6] as $seen) {
            self::assertGreaterThan($mean($doubts[$seen + 1]), $mean($doubts[$seen]), "$seen frames seen");
        }
    }

    public function test_verdicts_follow_water_and_capping(): void
    {
        $random = new SeededRandom(9);
        $ripeness = new Ripeness;
        $policy = new RipenessPolicy(RipenessSchool::CappedAndRefractometer, 0.75, 18.0, 0.8);
        for ($case = 0; $case < 40; $case++) {
            $box = $this->box($random);
            $share = $random->between(0.3, 1.0);
            $frames = array_map(
                static fn (int $slot): Frame => new Frame(
                    $slot,
                    new Face($share * 0.9, (1.0 - $share) * 0.9),
                    new Face($share * 0.9, (1.0 - $share) * 0.9),
                ),
                range(1, $box->framesFitted),
            );
            $p = [];
            foreach ([16.0, 17.5, 18.5, 20.5] as $water) {
                $result = $ripeness->judge(
                    new Super(
                        $box,
                        $frames,
                        null,
                        [new Reading(RefractometerScale::Water, $water), new Reading(RefractometerScale::Water, $water)],
                        true,
                        NectarFlow::Over,
                    ),
                    $policy,
                );
                $p[] = $result->pPolicyMet;
                self::assertTrue($result->pPolicyMet >= 0.0 && $result->pPolicyMet <= 1.0);
                self::assertSame($result->pPolicyMet >= 0.8, $result->verdict === Verdict::Take);
                self::assertNotSame([], $result->reasons);
            }
            $falling = $p;
            rsort($falling);
            self::assertSame($falling, $p, 'wetter honey is never likelier to be ripe');
        }
    }

    public function test_a_stricter_school_never_takes_what_a_milder_one_leaves(): void
    {
        $random = new SeededRandom(13);
        $ripeness = new Ripeness;
        for ($case = 0; $case < 40; $case++) {
            $box = $this->box($random);
            $super = new Super(
                $box,
                $this->frames($random, $box, $random->integer(2, $box->framesFitted)),
                null,
                [],
                true,
                NectarFlow::Over,
            );
            $only = $ripeness->judge($super, new RipenessPolicy(RipenessSchool::CappedOnly, 0.75, 18.0, 0.8))
                ->pPolicyMet;
            $ninety = $ripeness->judge($super, new RipenessPolicy(RipenessSchool::Capped90, 0.75, 18.0, 0.8))
                ->pPolicyMet;
            self::assertLessThanOrEqual($ninety + 1e-9, $only);
            $sure = $ripeness->judge($super, new RipenessPolicy(RipenessSchool::Capped90, 0.75, 18.0, 0.95));
            self::assertTrue(
                $sure->verdict !== Verdict::Take ||
                    $ripeness->judge($super, new RipenessPolicy(RipenessSchool::Capped90, 0.75, 18.0, 0.8))->verdict ===
                        Verdict::Take,
            );
        }
    }

    private function box(SeededRandom $random): FittedBox
    {
        return new FittedBox(
            BoxKinds::get(['langstroth-medium-10', 'dadant-super-12', 'langstroth-deep-10'][$random->integer(0, 2)]),
        );
    }

    /** @return list<Frame> some frames of the box in any order */
    private function frames(SeededRandom $random, FittedBox $box, int $count): array
    {
        $slots = range(1, $box->framesFitted);
        $frames = [];
        while (count($frames) < $count) {
            $slot = array_splice($slots, $random->integer(0, count($slots) - 1), 1)[0];
            $face = static function () use ($random): Face {
                $fill = $random->between(0.2, 1.0);
                $capped = $random->between(0.0, 1.0);

                return new Face($fill * $capped, $fill * (1.0 - $capped));
            };
            $frames[] = new Frame($slot, $face(), $face());
        }

        return $frames;
    }
}
