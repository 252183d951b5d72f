<?php

declare(strict_types=1);

namespace Tests\Reference;

use Marjoram\Core\InvalidInput;
use Marjoram\Core\Rotor\Loading;
use Marjoram\Core\Rotor\Loads;
use Marjoram\Core\Rotor\LoadSizes;
use Marjoram\Core\Rotor\Rotor;
use Marjoram\Core\Rotor\RotorFrame;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Loads of an extractor against proven optima (exhaustive enumeration in C) and the best known for larger rotors. */
final class RotorTest extends TestCase
{
    /** @return iterable<string, array{array<string, mixed>}> */
    public static function optima(): iterable
    {
        /** @var list<array<string, mixed>> $cases */
        $cases = json_decode((string) file_get_contents(__DIR__.'/data/rotor-optima.json'), true);
        foreach ($cases as $case) {
            assert(is_string($case['id']));
            yield $case['id'] => [$case];
        }
    }

    /** @param  array<string, mixed>  $case */
    #[DataProvider('optima')]
    public function test_as_well_balanced_as_the_best_known(array $case): void
    {
        $in = $case['input'];
        assert(is_array($in) && is_array($in['frames']) && is_int($in['slots']) && is_float($case['imbalance_g']));
        $spares = is_array($in['spares'] ?? null) ? $in['spares'] : [];
        $loading = (new Rotor)->load($in['slots'], self::frames($in['frames']), self::frames($spares));
        if ($in['slots'] <= 8) {
            self::assertTrue($loading->exact);
            self::assertEqualsWithDelta($case['imbalance_g'], $loading->imbalanceG, 1e-4);
        } else {
            self::assertLessThanOrEqual($case['imbalance_g'] + 1.0, $loading->imbalanceG);
        }
        self::assertLessThanOrEqual($loading->asGivenG + 1e-9, $loading->imbalanceG);
        // Every frame stands once; what is said is what stands there.
        $placed = array_values(array_filter($loading->slots));
        $ids = array_map(static fn (RotorFrame $one): string => $one->id, $placed);
        self::assertSame($ids, array_unique($ids));
        self::assertSame([], array_diff(array_column($in['frames'], 'id'), $ids));
        self::assertEqualsWithDelta(self::imbalance($loading->slots), $loading->imbalanceG, 1e-6);
    }

    /** Loads of one class against an exhaustive partition search. */
    public function test_loads_are_as_even_as_they_can_be(): void
    {
        /** @var list<array{id: string, worst_g: float, input: array{slots: int, frames: list<array<string, mixed>>}}> $cases */
        $cases = json_decode((string) file_get_contents(__DIR__.'/data/loads-optima.json'), true);
        foreach ($cases as $case) {
            $loads = (new Loads)->split($case['input']['slots'], self::frames($case['input']['frames']));
            $worst = max([0.0, ...array_map(static fn (Loading $one): float => $one->imbalanceG, $loads)]);
            self::assertEqualsWithDelta($case['worst_g'], $worst, 1e-4, $case['id']);
        }
    }

    public function test_each_frame_is_in_one_load_and_at_most_one_load_is_mixed(): void
    {
        $random = new Randomizer(new Mt19937(4));
        foreach ([2, 3, 4, 5, 6, 8, 12, 20] as $slots) {
            $frames = [];
            for ($i = 0, $many = $random->getInt(1, 70); $i < $many; $i++) {
                $frames[] = new RotorFrame("f$i", $random->getInt(1400, 3400), $random->getInt(0, 4) === 0);
            }
            $loads = (new Loads)->split($slots, $frames, [], 2_000);
            $ids = [];
            foreach ($loads as $load) {
                foreach (array_filter($load->slots) as $frame) {
                    $ids[] = $frame->id;
                }
            }
            self::assertEqualsCanonicalizing(array_map(static fn (RotorFrame $one): string => $one->id, $frames), $ids);
            self::assertLessThanOrEqual(2, count(array_filter($loads, static fn (Loading $one): bool => $one->isMixed())));
            self::assertCount((int) ceil($many / $slots), $loads);
        }
        // A rest that could not balance is shared with a full load: one of six could not, three and four can.
        self::assertSame([6, 6, 2], LoadSizes::of(14, 6));
        self::assertSame([6, 4, 3], LoadSizes::of(13, 6));
        self::assertSame([4, 4, 2], LoadSizes::of(10, 4));
    }

    /** 1 kg out of balance at 30 cm and 300 rpm pulls with 296 N: m r omega squared, by hand. */
    public function test_the_force_on_the_bearing(): void
    {
        $one = (new Rotor)->load(4, [new RotorFrame('a', 1000.0)]);
        self::assertEqualsWithDelta(296.1, $one->forceN(30.0, 300.0), 0.1);
        self::assertSame([1000.0, 0.0], [round($one->imbalanceG, 6), round($one->angleDeg, 6)]);
        $four = (new Rotor)->load(4, array_map(static fn (int $n): RotorFrame => new RotorFrame("f$n", 2000.0), range(1, 4)));
        self::assertEqualsWithDelta(0.0, $four->imbalanceG, 1e-9);
        $this->expectException(InvalidInput::class);
        (new Rotor)->load(2, [new RotorFrame('a', 1.0), new RotorFrame('b', 1.0), new RotorFrame('c', 1.0)]);
    }

    /** @param  list<?RotorFrame>  $slots */
    private static function imbalance(array $slots): float
    {
        $x = $y = 0.0;
        foreach ($slots as $i => $one) {
            $x += ($one->g ?? 0.0) * cos(2.0 * M_PI * $i / count($slots));
            $y += ($one->g ?? 0.0) * sin(2.0 * M_PI * $i / count($slots));
        }

        return hypot($x, $y);
    }

    /**
     * @param  array<array-key, mixed>  $given
     * @return list<RotorFrame>
     */
    private static function frames(array $given): array
    {
        $frames = [];
        foreach ($given as $one) {
            assert(is_array($one) && is_string($one['id']) && is_numeric($one['g']));
            $frames[] = new RotorFrame($one['id'], (float) $one['g']);
        }

        return $frames;
    }
}
