<?php

declare(strict_types=1);

namespace Tests\Core;

use Marjoram\Core\Comb\BoxKinds;
use Marjoram\Core\Comb\Comb;
use Marjoram\Core\Comb\Face;
use Marjoram\Core\Comb\FittedBox;
use Marjoram\Core\Comb\Frame;
use Marjoram\Core\Comb\Kilograms;
use Marjoram\Core\InvalidInput;
use Marjoram\Core\Numerics\SeededRandom;
use PHPUnit\Framework\TestCase;

final class CombTest extends TestCase
{
    public function test_the_mass_follows_the_formula(): void
    {
        $box = new FittedBox(BoxKinds::get('langstroth-medium-10'));
        $result = (new Comb)->honeyIn($box, [new Frame(3, new Face(0.8, 0.1), new Face(0.6, 0.2))]);
        $thickness = 373.0 / 10 - 6.5;
        // Densities at 17.5 and 20 % by hand from the rows around them: 1.4204 and 1.4027.
        self::assertEqualsWithDelta(((1.4 * 5.9 * $thickness) / 200) * 0.7 * 1.4204, $result->cappedKg, 1e-9);
        self::assertEqualsWithDelta(((0.3 * 5.9 * $thickness) / 200) * 0.35 * 1.4027, $result->openKg, 1e-9);
        self::assertEqualsWithDelta(1.4 / 1.7, $result->cappedShare, 1e-12);
        self::assertEqualsWithDelta($result->honey->kg + 5.2, $result->grossKg, 1e-12);
    }

    public function test_nine_frames_in_ten_give_about_the_same_honey(): void
    {
        $mass = static function (int $fitted): float {
            $frames = array_map(
                static fn (int $slot): Frame => new Frame($slot, new Face(1.0), new Face(1.0)),
                range(1, $fitted),
            );

            return (new Comb)->honeyIn(new FittedBox(BoxKinds::get('langstroth-medium-10'), $fitted), $frames)
                ->honey->kg;
        };
        // Common practice: fatter combs, about the same honey.
        self::assertEqualsWithDelta(1.0, $mass(9) / $mass(10), 0.05);
    }

    public function test_errors_of_the_box_are_common_and_of_the_faces_their_own(): void
    {
        $frames = array_map(
            static fn (int $slot): Frame => new Frame($slot, new Face(1.0), new Face(1.0)),
            range(1, 10),
        );
        $result = (new Comb)->honeyIn(new FittedBox(BoxKinds::get('langstroth-medium-10')), $frames);
        self::assertEqualsWithDelta($result->honey->kg * sqrt(0.12 ** 2 + 0.1 ** 2 / 20), $result->honey->sdKg(), 1e-9);
    }

    public function test_shares_over_one_a_foreign_slot_and_a_slot_twice_are_refused(): void
    {
        $box = new FittedBox(BoxKinds::get('langstroth-medium-10'), 9);
        foreach (
            [
                static fn () => new Face(0.8, 0.3),
                static fn () => new Face(-0.1),
                static fn () => $box->assertHolds([new Frame(10, new Face, new Face)]),
                static fn () => $box->assertHolds([
                    new Frame(2, new Face, new Face),
                    new Frame(2, new Face, new Face),
                ]),
                static fn () => new FittedBox(BoxKinds::get('langstroth-medium-10'), 11),
            ] as $bad
        ) {
            try {
                $bad();
                self::fail('Bad comb was taken.');
            } catch (InvalidInput $refusal) {
                self::assertNotSame('', $refusal->allowed);
            }
        }
    }

    public function test_a_frame_without_honey_has_no_capped_share(): void
    {
        self::assertNull((new Frame(1, new Face(0.03), new Face))->cappedShareOfHoney());
        self::assertSame(1.0, (new Frame(1, new Face(0.2), new Face))->cappedShareOfHoney());
    }

    /** Drawn: what all share is one draw for all, what is each one's own is drawn for each. */
    public function test_shared_errors_add_up_and_own_ones_fall_both_ways(): void
    {
        $parts = [new Kilograms(10.0, 1.2, 0.9), new Kilograms(14.0, 1.7, 1.4), Kilograms::of(8.0, 0.5, 0.12)];
        $sum = Kilograms::sum($parts);
        $random = new SeededRandom(3);
        $squares = 0.0;
        for ($n = 0; $n < 40_000; $n++) {
            $shared = $random->normal();
            $off = 0.0;
            foreach ($parts as $part) {
                $off += $shared * $part->commonSdKg + $random->normal() * $part->ownSdKg;
            }
            $squares += $off ** 2 / 40_000;
        }
        self::assertSame(32.0, $sum->kg);
        self::assertEqualsWithDelta(sqrt($squares), $sum->sdKg(), 0.03);
        self::assertEqualsWithDelta(0.5, Kilograms::of(8.0, 0.5, 0.12)->sdKg(), 1e-12, 'Its own error is the smaller.');
    }

    public function test_an_empty_box_that_nobody_weighed_weighs_as_the_standard_kinds_do(): void
    {
        foreach (BoxKinds::standard() as $kind) {
            $usual = BoxKinds::usualEmptyMassKg($kind->frames, $kind->combAreaDm2);
            self::assertEqualsWithDelta($kind->emptyMassKg, $usual, 0.2 * $kind->emptyMassKg, $kind->name);
        }
    }
}
