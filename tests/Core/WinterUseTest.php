<?php

declare(strict_types=1);

namespace Tests\Core;

use DateTimeImmutable;
use Marjoram\Core\Numerics\SeededRandom;
use Marjoram\Core\Reserve\ReserveAssumptions;
use Marjoram\Core\Reserve\Winter;
use Marjoram\Core\Reserve\WinterUse;
use PHPUnit\Framework\TestCase;

/** The tabulated simulation against a plain one, day by day, with another seed and no tables. */
final class WinterUseTest extends TestCase
{
    private const CLIMATE = [0.5, 0.5, 2.5, 7.0, 12.0, 15.5, 17.5, 17.0, 13.5, 9.0, 5.0, 2.0];

    public function test_its_distribution_agrees_with_a_plain_simulation(): void
    {
        $winter = new Winter(
            new DateTimeImmutable('2026-10-01'),
            new DateTimeImmutable('2027-04-20'),
            10.0,
            self::CLIMATE,
        );
        $use = new WinterUse($winter, 0.0);
        $plain = $this->plainly($winter, 6000, 99);
        foreach ([0.05, 0.5, 0.95] as $p) {
            self::assertEqualsWithDelta(
                1.0,
                $use->quantile($p) / $plain[(int) round($p * (count($plain) - 1))],
                0.02,
                "at $p",
            );
        }
        self::assertEqualsWithDelta(1.0, $use->meanKg / (array_sum($plain) / count($plain)), 0.01);
    }

    public function test_the_same_seed_gives_the_same_winters(): void
    {
        $winter = new Winter(
            new DateTimeImmutable('2026-10-01'),
            new DateTimeImmutable('2027-04-20'),
            10.0,
            self::CLIMATE,
        );
        $few = new ReserveAssumptions(winters: 200);
        self::assertSame((new WinterUse($winter, assumptions: $few))->quantiles, (new WinterUse($winter, assumptions: $few))->quantiles);
        self::assertNotSame(
            (new WinterUse($winter, assumptions: $few))->quantiles,
            (new WinterUse($winter, assumptions: new ReserveAssumptions(winters: 200, seed: 1)))->quantiles,
        );
    }

    /** Common practice in the British Isles is 18 to 20 kg of stores, from memory; the mean use of ten frames of bees lies near it. */
    public function test_the_defaults_lie_where_practice_does(): void
    {
        $oceanic = [4.5, 4.8, 6.5, 8.5, 11.5, 14.5, 16.5, 16.3, 14.0, 11.0, 7.5, 5.3];
        $use = new WinterUse(
            new Winter(new DateTimeImmutable('2026-10-01'), new DateTimeImmutable('2027-04-10'), 10.0, $oceanic),
        );
        self::assertEqualsWithDelta(19.0, $use->meanKg, 0.25 * 19.0);
    }

    public function test_temperature_is_linear_between_mid_months_and_turns_with_the_year(): void
    {
        $winter = new Winter(
            new DateTimeImmutable('2026-10-01'),
            new DateTimeImmutable('2027-04-20'),
            10.0,
            self::CLIMATE,
        );
        self::assertEqualsWithDelta(5.0, $winter->normalC(new DateTimeImmutable('2026-11-15')), 0.1);
        self::assertEqualsWithDelta(1.25, $winter->normalC(new DateTimeImmutable('2026-12-31')), 0.1);
        self::assertEqualsWithDelta(1.25, $winter->normalC(new DateTimeImmutable('2027-01-01')), 0.1);
    }

    /** @return list<float> in rising order */
    private function plainly(Winter $winter, int $winters, int $seed): array
    {
        $random = new SeededRandom($seed);
        $days = $winter->days();
        $normals = $months = [];
        for ($day = 0; $day < $days + 45; $day++) {
            $date = $winter->from->modify("+$day days");
            $normals[] = $winter->normalC($date);
            $months[] = $date->format('n');
        }
        $uses = [];
        for ($n = 0; $n < $winters; $n++) {
            $errors = [];
            $end = $days + (int) round($random->normal(0.0, $winter->firstFlowSdDays));
            $kg = 0.0;
            for ($day = 0; $day < min($end, $days + 45); $day++) {
                $errors[$months[$day]] ??= $random->normal(0.0, $winter->sdC);
                $left = $days - $day;
                $brood = $left > 90 ? 0.0 : ($left > 60 ? 1.0 : ($left > 30 ? 3.0 : 5.0));
                $kg += (1.2 + 0.1 * max(0.0, 8.0 - $normals[$day] - $errors[$months[$day]]) + $brood) / 30.0;
            }
            $uses[] = $kg * exp($random->normal(0.0, 0.12));
        }
        sort($uses);

        return $uses;
    }
}
