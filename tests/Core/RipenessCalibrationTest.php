<?php

declare(strict_types=1);

namespace Tests\Core;

use Marjoram\Core\Comb\BoxKinds;
use Marjoram\Core\Comb\Comb;
use Marjoram\Core\Comb\Face;
use Marjoram\Core\Comb\FittedBox;
use Marjoram\Core\Comb\Frame;
use Marjoram\Core\Numerics\SeededRandom;
use Marjoram\Core\Ripeness\BoxHoney;
use Marjoram\Core\Ripeness\NextLook;
use Marjoram\Core\Ripeness\Reason;
use Marjoram\Core\Ripeness\Ripeness;
use Marjoram\Core\Ripeness\RipenessPolicy;
use Marjoram\Core\Ripeness\Super;
use Marjoram\Core\Ripeness\UnseenFrames;
use Marjoram\Core\Statement;
use PHPUnit\Framework\TestCase;
use Tests\Support\Depth;

/** Supers drawn from the model itself: does it say how sure it is, and does its advice help? */
final class RipenessCalibrationTest extends TestCase
{
    private const SUPERS = 1000;

    private FittedBox $box;

    private UnseenFrames $unseen;

    protected function setUp(): void
    {
        $this->box = new FittedBox(BoxKinds::get('langstroth-medium-10'));
        $this->unseen = new UnseenFrames;
    }

    public function test_the_80_percent_interval_covers_about_80_percent(): void
    {
        $random = new SeededRandom(2026);
        $inside = 0;
        for ($n = 0; $n < self::SUPERS; $n++) {
            $super = $this->super($random);
            $estimate = $this->unseen->estimate(new Super($this->box, [$super[2], $super[4], $super[7]]));
            $inside += abs($this->share($super) - (float) $estimate->cappedShare) <= 1.2816 * $estimate->sd ? 1 : 0;
        }
        fwrite(STDERR, sprintf(' [80 %% interval covers %.1f %%] ', (100.0 * $inside) / self::SUPERS));
        self::assertEqualsWithDelta(0.8, $inside / self::SUPERS, 0.04);
    }

    public function test_the_advised_frame_tells_more_than_a_random_one(): void
    {
        $random = new SeededRandom(11);
        $advised = $any = 0.0;
        for ($n = 0; $n < Depth::of(400, self::SUPERS); $n++) {
            $super = $this->super($random);
            $true = $this->share($super);
            $before = $this->unseen->estimate(new Super($this->box, [$super[4]]));
            $slot = (new NextLook)->slot($before);
            self::assertIsInt($slot);
            do {
                $other = $random->integer(1, 10);
            } while ($other === 5);
            $advised +=
                ($true - (float) $this->unseen->estimate(new Super($this->box, [$super[4], $super[$slot - 1]]))->cappedShare) ** 2;
            $any +=
                ($true - (float) $this->unseen->estimate(new Super($this->box, [$super[4], $super[$other - 1]]))->cappedShare) **
                2;
        }
        fwrite(
            STDERR,
            sprintf(
                ' [mean squared error: advised frame %.1f %% less than a random one] ',
                100.0 * (1.0 - $advised / $any),
            ),
        );
        self::assertLessThan($any, $advised);
    }

    public function test_each_look_makes_it_surer_on_the_whole(): void
    {
        $super = $this->super(new SeededRandom(5));
        $sd = [];
        foreach ([[], [4], [4, 2], [4, 2, 7], range(0, 9)] as $seen) {
            $sd[] = $this->unseen->estimate(new Super($this->box, array_map(static fn (int $i): Frame => $super[$i], $seen)))->sd;
        }
        self::assertGreaterThan($sd[1], $sd[0]);
        self::assertGreaterThan($sd[3], $sd[1]);
        self::assertSame(0.0, $sd[4]);
    }

    public function test_the_honey_of_the_whole_box_is_what_was_seen_where_all_was_seen(): void
    {
        $super = $this->super(new SeededRandom(9));
        $all = BoxHoney::of($this->box, $super, $this->unseen->estimate(new Super($this->box, $super)));
        self::assertEqualsWithDelta((new Comb)->honeyIn($this->box, $super)->honey->kg, $all->honey->kg, 1e-9);
        $some = BoxHoney::of(
            $this->box,
            array_slice($super, 3, 3),
            $this->unseen->estimate(new Super($this->box, array_slice($super, 3, 3))),
        );
        self::assertGreaterThan($some->seenKg, $some->honey->kg);
        self::assertGreaterThan($all->honey->sdKg() / $all->honey->kg, $some->honey->sdKg() / $some->honey->kg);
        self::assertEqualsWithDelta($some->honey->kg + 5.2, $some->grossKg, 1e-9);
    }

    public function test_frames_taken_as_alike_count_as_less_sure_than_frames_looked_at(): void
    {
        $face = new Face(0.7, 0.2);
        $looked = array_map(static fn (int $slot): Frame => new Frame($slot, $face, $face), range(1, 10));
        $glanced = array_map(static fn (int $slot): Frame => new Frame($slot, $face, $face, $slot !== 5), range(1, 10));
        $all = $this->unseen->estimate(new Super($this->box, $looked));
        $alike = $this->unseen->estimate(new Super($this->box, $glanced));
        $one = $this->unseen->estimate(new Super($this->box, [$looked[4]]));
        self::assertEqualsWithDelta((float) $all->cappedShare, (float) $alike->cappedShare, 1e-12);
        self::assertSame(0.0, $all->sd);
        self::assertGreaterThan(0.01, $alike->sd);
        self::assertLessThan($one->sd, $alike->sd);
        // Nine frames with an error of 0.6 on the logit each, by plain simulation.
        $random = new SeededRandom(3);
        $sum = $squares = 0.0;
        for ($n = 0; $n < 4000; $n++) {
            $share = $all->cappedShare / 10.0;
            for ($i = 0; $i < 9; $i++) {
                $share += 1.0 / (1.0 + exp(-log(0.7 / 0.2) - $random->normal(0.0, 0.6))) / 10.0;
            }
            $sum += $share;
            $squares += $share * $share;
        }
        self::assertEqualsWithDelta(sqrt($squares / 4000 - ($sum / 4000) ** 2), $alike->sd, 0.002);
        self::assertGreaterThan(
            BoxHoney::of($this->box, $looked, $all)->honey->sdKg(),
            BoxHoney::of($this->box, $glanced, $alike)->honey->sdKg(),
        );
        self::assertSame(1, (new NextLook)->glanced($alike));
        self::assertNull((new NextLook)->glanced($all));
    }

    public function test_a_capped_super_above_raises_what_is_presumed_below(): void
    {
        $face = new Face(0.6, 0.2);
        $few = [new Frame(5, $face, $face)];
        foreach ([[], $few] as $seen) {
            self::assertGreaterThan(
                (float) $this->unseen->estimate(new Super($this->box, $seen))->cappedShare,
                (float) $this->unseen->estimate(new Super($this->box, $seen, underCapped: true))->cappedShare,
            );
        }
        $ripeness = new Ripeness;
        self::assertTrue(
            $ripeness->countsAsCapped(
                $this->unseen->estimate(new Super($this->box, [
                    new Frame(5, new Face(0.98), new Face(0.98)),
                    new Frame(2, new Face(0.95), new Face(0.95)),
                ])),
            ),
        );
        self::assertFalse(
            $ripeness->countsAsCapped($this->unseen->estimate(new Super($this->box, [], underCapped: true))),
            'what is itself presumed is no ground',
        );
        $reasons = $ripeness->judge(new Super($this->box, $few, underCapped: true), new RipenessPolicy)->reasons;
        self::assertContainsEquals(new Statement(Reason::UnderCapped), $reasons);
    }

    /** @return list<Frame> ten frames of a super drawn from the priors; both faces alike */
    private function super(SeededRandom $random): array
    {
        [$theta, $fill] = [$random->normal(0.8, 1.5), $random->normal(1.0, 1.5)];
        [$beta, $gamma] = [$random->normal(-1.2, 0.6), $random->normal(-1.2, 0.6)];
        $frames = [];
        for ($slot = 1; $slot <= 10; $slot++) {
            $d2 = $this->box->distanceFromCentre($slot) ** 2;
            $share = 1.0 / (1.0 + exp(-($theta + $beta * $d2 + $random->normal(0.0, 0.6))));
            $full = max(0.06, 1.0 / (1.0 + exp(-($fill + $gamma * $d2 + $random->normal(0.0, 0.6)))));
            $face = new Face($full * $share, $full * (1.0 - $share));
            $frames[] = new Frame($slot, $face, $face);
        }

        return $frames;
    }

    /** @param  list<Frame>  $super */
    private function share(array $super): float
    {
        return array_sum(array_map(static fn (Frame $frame): float => $frame->capped(), $super)) /
            array_sum(array_map(static fn (Frame $frame): float => $frame->fill(), $super));
    }
}
