<?php

declare(strict_types=1);

namespace Tests\Core;

use Marjoram\Core\Comb\BoxKinds;
use Marjoram\Core\Comb\Comb;
use Marjoram\Core\Comb\Face;
use Marjoram\Core\Comb\FittedBox;
use Marjoram\Core\Comb\Frame;
use Marjoram\Core\Moisture\Reading;
use Marjoram\Core\Moisture\RefractometerScale;
use Marjoram\Core\Numerics\SeededRandom;
use Marjoram\Core\Ripeness\NectarFlow;
use Marjoram\Core\Ripeness\Reason;
use Marjoram\Core\Ripeness\Ripeness;
use Marjoram\Core\Ripeness\RipenessPolicy;
use Marjoram\Core\Ripeness\Super;
use Marjoram\Core\Ripeness\Verdict;
use Marjoram\Core\Statement;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\Depth;

/** Supers drawn from worlds that are not the model: does it say how sure it is, and does its advice hold? */
final class RipenessCalibrationTest extends TestCase
{
    private FittedBox $box;

    private Ripeness $ripeness;

    protected function setUp(): void
    {
        $this->box = new FittedBox(BoxKinds::get('langstroth-medium-10'));
        $this->ripeness = new Ripeness;
    }

    /** @return iterable<string, array{SuperWorld}> */
    public static function worlds(): iterable
    {
        yield 'its own' => [new SuperWorld];
        yield 'very uneven frames' => [new SuperWorld(spread: 1.0)];
        yield 'no centre' => [new SuperWorld(centre: 0.0, centreSd: 0.0)];
        yield 'one warm side' => [new SuperWorld(side: 1.0)];
        yield 'unbuilt outer frames' => [new SuperWorld(unbuilt: true)];
        yield 'half of the rests unstated' => [new SuperWorld(unstated: 0.5)];
    }

    /** 80 % ranges of share and kg hold 75 to 90 % of the truth; 150 supers leave a standard error of 3 to 4 %. */
    #[DataProvider('worlds')]
    public function test_ranges_hold_what_they_promise(SuperWorld $world): void
    {
        $random = new SeededRandom(2026);
        $supers = Depth::of(150, 1000);
        $share = $kg = 0;
        for ($n = 0; $n < $supers; $n++) {
            $true = $world->super($random, $this->box);
            $seen = array_map(static fn (int $slot): Frame => $true->painted[$slot], [3, 5, 8]);
            $said = $this->ripeness->estimate(new Super($this->box, $seen));
            $share += $true->share >= $said->shareRange[0] && $true->share <= $said->shareRange[1] ? 1 : 0;
            $kg += $true->kg >= $said->kgRange[0] && $true->kg <= $said->kgRange[1] ? 1 : 0;
        }
        fwrite(STDERR, sprintf(' [share %.0f %%, kg %.0f %%] ', 100.0 * $share / $supers, 100.0 * $kg / $supers));
        self::assertGreaterThan(0.66, $share / $supers);
        self::assertLessThan(0.97, $share / $supers);
        self::assertGreaterThan(0.66, $kg / $supers);
        self::assertLessThan(0.97, $kg / $supers);
    }

    /** A keeper who does as advised: what is taken is ripe (20 % wrong are promised), and not much ripe is left. */
    public function test_what_is_taken_is_ripe(): void
    {
        $taken = $wrong = $ripe = $left = $frames = $readings = $supers = 0;
        foreach (self::worlds() as $name => [$world]) {
            $random = new SeededRandom(7);
            for ($n = 0; $n < Depth::of(60, 500); $n++) {
                $true = $world->super($random, $this->box);
                [$isTaken, $pulled, $read] = $this->followed($true, $random);
                $isRipe = $true->share >= 0.75 && $true->waterPct <= 18.0;
                $taken += $isTaken ? 1 : 0;
                $wrong += $isTaken && ! $isRipe ? 1 : 0;
                $ripe += $isRipe ? 1 : 0;
                $left += $isRipe && ! $isTaken ? 1 : 0;
                $frames += $pulled;
                $readings += $read;
                $supers++;
            }
        }
        fwrite(STDERR, sprintf(
            ' [%d taken, %d wrong; %d of %d ripe left; %.2f frames, %.2f readings a super] ',
            $taken,
            $wrong,
            $left,
            $ripe,
            $frames / $supers,
            $readings / $supers,
        ));
        self::assertLessThanOrEqual(0.25 * $taken, $wrong);
        self::assertLessThanOrEqual(0.55 * $ripe, $left);
        self::assertLessThan(2.5, $frames / $supers);
    }

    /** @return array{bool, int, int} taken, frames pulled, readings */
    private function followed(TrueSuper $true, SeededRandom $random): array
    {
        $seen = $readings = [];
        $instrument = $random->normal(0.0, 0.2);
        do {
            $result = $this->ripeness->judge(
                new Super($this->box, array_values($seen), readings: $readings, flow: NectarFlow::Over),
                new RipenessPolicy,
            );
            $next = $result->next;
            if ($next?->slot !== null) {
                self::assertArrayNotHasKey($next->slot, $seen);
                self::assertLessThan(0.98, $result->pCapped, 'no frame where the capping is known');
                $seen[$next->slot] = $true->painted[$next->slot];
            } elseif ($next !== null) {
                $read = $true->waterPct + $instrument + $random->normal(0.0, 0.566);
                $readings[] = new Reading(RefractometerScale::Water, max(12.0, min(28.0, $read)));
                self::assertLessThanOrEqual(3, count($readings));
            }
        } while ($next !== null);

        return [$result->verdict === Verdict::Take, count($seen), count($readings)];
    }

    /** A simulation written apart from this program, without unbuilt frames: share, its range, chance of 75 %. */
    public function test_a_simulation_gives_the_same(): void
    {
        $frame = static fn (int $slot, float $capped, float $open): Frame => new Frame(
            $slot,
            new Face($capped, $open),
            new Face($capped, $open),
        );
        foreach ([
            [[], 0.587, 0.227, 0.898, 0.312],
            [[$frame(5, 0.6, 0.2)], 0.662, 0.484, 0.824, 0.270],
            [[$frame(2, 0.45, 0.3)], 0.629, 0.450, 0.793, 0.189],
            [[$frame(5, 0.6, 0.2), $frame(8, 0.5, 0.4)], 0.593, 0.471, 0.716, 0.049],
        ] as [$frames, $share, $low, $high, $p]) {
            $result = $this->ripeness->judge(new Super($this->box, $frames), new RipenessPolicy);
            self::assertEqualsWithDelta($share, (float) $result->box->cappedShare, 0.02);
            self::assertEqualsWithDelta([$low, $high], $result->box->shareRange, 0.02);
            self::assertEqualsWithDelta($p, $result->pCapped, 0.03);
        }
    }

    public function test_each_look_makes_it_surer_on_the_whole(): void
    {
        $true = (new SuperWorld)->super(new SeededRandom(5), $this->box);
        $width = [];
        foreach ([[], [5], [5, 3, 8], range(1, 10)] as $slots) {
            $seen = array_map(static fn (int $slot): Frame => $true->painted[$slot], $slots);
            [$low, $high] = $this->ripeness->estimate(new Super($this->box, $seen))->shareRange;
            $width[] = $high - $low;
        }
        self::assertGreaterThan($width[1], $width[0]);
        self::assertGreaterThan($width[2], $width[1]);
        self::assertGreaterThan($width[3], $width[2]);
    }

    public function test_the_honey_of_a_whole_box_is_near_what_was_painted(): void
    {
        $face = new Face(0.7, 0.2);
        $all = array_map(static fn (int $slot): Frame => new Frame($slot, $face, $face), range(1, 10));
        $said = $this->ripeness->estimate(new Super($this->box, $all))->honey;
        $painted = (new Comb)->honeyIn($this->box, $all)->honey;

        self::assertEqualsWithDelta($painted->kg, $said->kg, 0.03 * $painted->kg);
        self::assertEqualsWithDelta($painted->sdKg(), $said->sdKg(), 0.2 * $painted->sdKg());
    }

    public function test_frames_taken_as_alike_count_as_less_sure_than_frames_looked_at(): void
    {
        $face = new Face(0.7, 0.2);
        $looked = array_map(static fn (int $slot): Frame => new Frame($slot, $face, $face), range(1, 10));
        $glanced = array_map(static fn (int $slot): Frame => new Frame($slot, $face, $face, $slot !== 5), range(1, 10));
        $sd = fn (Frame ...$seen): float => $this->ripeness->estimate(new Super($this->box, array_values($seen)))->sd();

        self::assertGreaterThan($sd(...$looked), $sd(...$glanced));
        self::assertGreaterThan($sd(...$glanced), $sd($looked[4]));
    }

    /** A keeper who gathers full frames into one super chose them: they say nothing of the others. */
    public function test_frames_that_were_moved_teach_nothing_about_the_others(): void
    {
        $full = new Face(0.98, 0.02);
        $with = fn (bool $moved) => $this->ripeness->estimate(new Super(
            $this->box,
            [new Frame(4, $full, $full, moved: $moved), new Frame(6, $full, $full, moved: $moved)],
        ));
        $nothing = $this->ripeness->estimate(new Super($this->box, []));

        self::assertGreaterThan($nothing->slots[4]->cappedShare, $with(false)->slots[4]->cappedShare);
        self::assertEqualsWithDelta($nothing->slots[4]->cappedShare, $with(true)->slots[4]->cappedShare, 1e-9);
        self::assertGreaterThan(0.85, $with(true)->slots[3]->cappedShare);
    }

    public function test_a_capped_super_above_raises_what_is_expected_below(): void
    {
        $face = new Face(0.6, 0.2);
        $few = [new Frame(5, $face, $face)];
        $share = fn (array $seen, bool $under): float => (float) $this->ripeness
            ->estimate(new Super($this->box, $seen, underCapped: $under))->cappedShare;
        foreach ([[], $few] as $seen) {
            self::assertGreaterThan($share($seen, false), $share($seen, true));
        }
        $full = [new Frame(5, new Face(0.98), new Face(0.98)), new Frame(2, new Face(0.95), new Face(0.95))];
        self::assertTrue($this->ripeness->countsAsCapped($this->ripeness->estimate(new Super($this->box, $full))));
        self::assertFalse(
            $this->ripeness->countsAsCapped($this->ripeness->estimate(new Super($this->box, [], underCapped: true))),
            'what is itself estimated is no ground',
        );
        $reasons = $this->ripeness->judge(new Super($this->box, $few, underCapped: true), new RipenessPolicy)->reasons;
        self::assertContainsEquals(new Statement(Reason::UnderCapped), $reasons);
    }
}
