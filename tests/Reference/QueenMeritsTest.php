<?php

declare(strict_types=1);

namespace Tests\Reference;

use App\Api\Calculations\YieldsCalculation;
use Marjoram\Core\Json\Fields;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * The model of queens against lme4 1.1-31 (R 4.2.2; Bates and others 2015) where they are not related, and against a
 * dense restricted likelihood where they are. `data/queen-merits.R` makes the answers again.
 */
final class QueenMeritsTest extends TestCase
{
    /** @return iterable<string, array{array<string, mixed>}> */
    public static function cases(): iterable
    {
        foreach (['queen-merits', 'queen-pedigree'] as $file) {
            $cases = json_decode((string) file_get_contents(__DIR__."/data/$file.json"), true);
            foreach (is_array($cases) ? $cases : [] as $case) {
                yield (string) $case['id'] => [$case];
            }
        }
    }

    /** @param  array<string, mixed>  $case */
    #[DataProvider('cases')]
    public function test_it_agrees_with_the_reference(array $case): void
    {
        $want = $case['expect'];
        $got = (new YieldsCalculation)->run(Fields::of($case['input']));
        foreach (['su2', 'se2'] as $variance) {
            self::assertEqualsWithDelta($want[$variance], $got[$variance], 1e-3 * max(1e-9, $want[$variance]));
        }
        self::assertEqualsWithDelta($want['reml_criterion'], $got['reml_criterion'], 1e-4);
        self::assertEqualsWithDelta($want['fixed'], $got['fixed'], 1e-3);
        $queens = array_column($got['queens'], null, 'queen');
        self::assertCount(count($want['blup_kg']), $queens);
        foreach ($want['blup_kg'] as $queen => $kg) {
            self::assertEqualsWithDelta($kg, $queens[$queen]['blup_kg'], 1e-3, "queen $queen");
            if ($want['pev_sd'] !== null) {
                self::assertEqualsWithDelta($want['pev_sd'][$queen], $queens[$queen]['pev_sd'], 1e-3, "queen $queen");
            }
        }
    }
}
