<?php

declare(strict_types=1);

namespace Marjoram\Core\HoneyRoom;

use Marjoram\Core\InvalidInput;

/**
 * Which jars are filled from so much honey: exact, by dynamic programming over the grams with their common divisor
 * taken out. What is ordered comes first; then the goal; of plans alike the one with fewer jars.
 */
final class JarPlanner
{
    /** Beyond so many units the plan would take too long: sizes without a common divisor. */
    private const MOST_UNITS = 200_000;

    /** A jar less counts for less than a gram or a hundredth of the money. */
    private const SCALE = 1e6;

    /**
     * @param  float  $honeyKg  0 to 10,000
     * @param  float  $residuePct  that sticks to the tank, 0 to 50
     * @param  list<JarSize>  $kinds
     *
     * @throws InvalidInput when what is ordered does not fit, or a value is out of range
     */
    public function plan(float $honeyKg, array $kinds, JarGoal $goal, float $residuePct = 1.0): JarPlan
    {
        InvalidInput::unlessWithin($honeyKg, 0.0, 10000.0, 'The honey', '/honey_kg');
        InvalidInput::unlessWithin($residuePct, 0.0, 50.0, 'What sticks to the tank', '/residue_pct');
        $grams = (int) floor(round($honeyKg * 1000.0 * (1.0 - $residuePct / 100.0), 6));
        $fill = [];
        $left = $grams;
        foreach ($kinds as $kind) {
            $fill[$kind->id] = $kind->mustFill;
            $left -= $kind->mustFill * $kind->netG;
        }
        if ($left < 0) {
            throw InvalidInput::because(
                'The ordered jars need :short g more honey.',
                'orders that the honey is enough for',
                '/jars',
                ['short' => -$left],
            );
        }
        foreach ($this->best($left, $kinds, $goal) as $id => $count) {
            $fill[$id] += $count;
        }

        return self::result($grams, $kinds, $fill);
    }

    /**
     * @param  list<JarSize>  $kinds
     * @return array<array-key, int> jars beyond those that must be filled
     */
    private function best(int $grams, array $kinds, JarGoal $goal): array
    {
        $unit = self::commonDivisor(array_map(static fn (JarSize $kind): int => $kind->netG, $kinds));
        $units = $unit === 0 ? 0 : intdiv($grams, $unit);
        $bundles = self::bundles($kinds, $units, $unit, $goal);
        if ($units > self::MOST_UNITS) {
            throw InvalidInput::because(
                'The jar sizes have only :unit g in common, which is too fine for this amount of honey.',
                'sizes that are multiples of 5 g',
                '/jars',
                ['unit' => $unit],
            );
        }
        $score = array_fill(0, $units + 1, 0.0);
        $taken = [];
        foreach ($bundles as $b => [, , $size, $worth]) {
            $takes = str_repeat("\0", $units + 1);
            for ($c = $units; $c >= $size; $c--) {
                $with = $score[$c - $size] + $worth;
                if ($with > $score[$c]) {
                    $score[$c] = $with;
                    $takes[$c] = "\1";
                }
            }
            $taken[$b] = $takes;
        }

        return self::follow($bundles, $taken, $units);
    }

    /**
     * Stocks as bundles of 1, 2, 4 ... jars: each is taken or not.
     *
     * @param  list<JarSize>  $kinds
     * @return list<array{string, int, int, float}> kind, jars, units, worth
     */
    private static function bundles(array $kinds, int $units, int $unit, JarGoal $goal): array
    {
        $bundles = [];
        foreach ($kinds as $kind) {
            $size = $unit === 0 ? 0 : intdiv($kind->netG, $unit);
            $free = min($kind->stock - $kind->mustFill, $size === 0 ? 0 : intdiv($units, $size));
            $worth = $goal === JarGoal::LeastLeft ? (float) $kind->netG : round(100.0 * ($kind->price ?? 0.0));
            for ($count = 1; $free > 0; $count *= 2) {
                $count = min($count, $free);
                $free -= $count;
                $bundles[] = [$kind->id, $count, $count * $size, $count * ($worth * self::SCALE - 1.0)];
            }
        }

        return $bundles;
    }

    /**
     * @param  list<array{string, int, int, float}>  $bundles
     * @param  array<int, string>  $taken
     * @return array<array-key, int>
     */
    private static function follow(array $bundles, array $taken, int $at): array
    {
        $fill = [];
        for ($b = count($bundles) - 1; $b >= 0; $b--) {
            if ($taken[$b][$at] === "\1") {
                [$id, $count, $size] = $bundles[$b];
                $fill[$id] = ($fill[$id] ?? 0) + $count;
                $at -= $size;
            }
        }

        return $fill;
    }

    /**
     * @param  list<JarSize>  $kinds
     * @param  array<array-key, int>  $fill
     */
    private static function result(int $grams, array $kinds, array $fill): JarPlan
    {
        $value = 0.0;
        foreach ($kinds as $kind) {
            $grams -= $fill[$kind->id] * $kind->netG;
            $value += $fill[$kind->id] * ($kind->price ?? 0.0);
        }

        return new JarPlan($fill, $grams, $value);
    }

    /** @param  list<int>  $numbers */
    private static function commonDivisor(array $numbers): int
    {
        $divisor = 0;
        foreach ($numbers as $number) {
            while ($number !== 0) {
                [$divisor, $number] = [$number, $divisor % $number];
            }
        }

        return $divisor;
    }
}
