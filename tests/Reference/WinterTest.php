<?php

declare(strict_types=1);

namespace Tests\Reference;

use DateTimeImmutable;
use Marjoram\Core\Reserve\Climate;
use Marjoram\Core\Reserve\ColonyNeed;
use Marjoram\Core\Reserve\Reserve;
use Marjoram\Core\Reserve\StoredBox;
use Marjoram\Core\Reserve\Winter;
use Marjoram\Core\Reserve\WinterUse;
use PHPUnit\Framework\TestCase;

/** Winter use against an independent simulation of 200,000 winters, and against what beekeepers have measured. */
final class WinterTest extends TestCase
{
    /** The fixture's generator stands beside it and shares no code with the core. */
    public function test_quantiles_agree_with_200_000_independent_draws_to_1_percent(): void
    {
        /** @var list<array{name: string, monthly_mean_c: list<float>, sd_c: float, from: string, first_flow: string, first_flow_sd_days: float, frames_of_bees: float, mean: float, quantiles: array<string, float>}> $cases */
        $cases = json_decode(
            (string) file_get_contents(__DIR__.'/data/winter-quantiles.json'),
            true,
            flags: JSON_THROW_ON_ERROR,
        );
        $worst = 0.0;
        foreach ($cases as $case) {
            $use = new WinterUse(
                new Winter(
                    new DateTimeImmutable($case['from']),
                    new DateTimeImmutable($case['first_flow']),
                    $case['first_flow_sd_days'],
                    $case['monthly_mean_c'],
                    $case['sd_c'],
                ),
                0.0,
            );
            foreach ($case['quantiles'] as $p => $kg) {
                if ((float) $p >= 0.5 && (float) $p <= 0.95) {
                    $need = (new Reserve)->assess(
                        new ColonyNeed($use, $case['frames_of_bees']),
                        [new StoredBox('b', 10.0, 1.0, true)],
                        confidence: (float) $p,
                    )->needQuantileKg;
                    $worst = max($worst, abs($need / $kg - 1.0));
                    self::assertEqualsWithDelta(1.0, $need / $kg, 0.01, "{$case['name']} at $p");
                }
            }
            self::assertEqualsWithDelta(
                1.0,
                (new Reserve)->assess(new ColonyNeed($use, $case['frames_of_bees']), [new StoredBox('b', 10.0, 1.0, true)])
                    ->needMeanKg / $case['mean'],
                0.005,
                $case['name'],
            );
        }
        fwrite(STDERR, sprintf(' [need against 200,000 draws: at most %.2f %% off] ', 100.0 * $worst));
    }

    /** Seeley and Visscher (1985), Ecological Entomology 10, 81-88: about 20 to 25 kg from autumn to spring near Ithaca, New York; from memory. */
    public function test_the_cold_north_east_lies_where_it_was_measured(): void
    {
        $climate = Climate::preset('cold-continental');
        $use = new WinterUse(
            new Winter(
                new DateTimeImmutable('2026-09-25'),
                new DateTimeImmutable('2027-05-01'),
                7.0,
                $climate->monthlyMeanC,
                $climate->sdC,
            ),
        );
        self::assertEqualsWithDelta(22.5, $use->meanKg, 0.25 * 22.5);
    }

    /** The usual British advice is to leave 18 to 20 kg of stores; common practice, from memory. */
    public function test_lowland_england_lies_where_the_advice_does(): void
    {
        $climate = Climate::preset('oceanic');
        $use = new WinterUse(
            new Winter(
                new DateTimeImmutable('2026-10-01'),
                new DateTimeImmutable('2027-04-10'),
                10.0,
                $climate->monthlyMeanC,
                $climate->sdC,
            ),
        );
        self::assertEqualsWithDelta(19.0, $use->meanKg, 0.25 * 19.0);
    }

    /** A full medium super (18 kg) and what a deep holds beside brood are plenty in cold places; common practice. */
    public function test_a_full_super_and_a_deep_are_plenty_in_cold_places(): void
    {
        $climate = Climate::preset('baltic-inland');
        $use = new WinterUse(
            new Winter(
                new DateTimeImmutable('2026-10-01'),
                new DateTimeImmutable('2027-04-25'),
                10.0,
                $climate->monthlyMeanC,
                $climate->sdC,
            ),
        );
        $result = (new Reserve)->assess(new ColonyNeed($use, 9.0), [
            new StoredBox('deep', 14.0, 1.5, true),
            new StoredBox('medium', 18.0, 1.0, false),
        ]);
        self::assertSame(['deep', 'medium'], $result->keep);
        self::assertGreaterThan(0.95, $result->pEnough);
    }

    public function test_the_presets_are_climates(): void
    {
        $presets = Climate::presets();
        self::assertGreaterThanOrEqual(20, count($presets));
        foreach ($presets as $key => $climate) {
            self::assertCount(12, $climate->monthlyMeanC, $key);
            $southern = str_starts_with($key, 'southern');
            self::assertSame(
                $southern,
                $climate->monthlyMeanC[0] > $climate->monthlyMeanC[6],
                "$key: summer falls in the right half of the year",
            );
            // From one month to the next no zone changes by more than 11 degrees.
            for ($m = 0; $m < 12; $m++) {
                self::assertLessThan(
                    11.0,
                    abs($climate->monthlyMeanC[$m] - $climate->monthlyMeanC[($m + 1) % 12]),
                    "$key month $m",
                );
            }
        }
    }
}
