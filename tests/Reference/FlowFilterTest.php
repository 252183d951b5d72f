<?php

declare(strict_types=1);

namespace Tests\Reference;

use App\Api\Calculations\FlowCalculation;
use Marjoram\Core\Json\Fields;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * The filter of the flow against a second implementation of the same model, written independently: figures to the last
 * digit it gives, through the door for programs.
 */
final class FlowFilterTest extends TestCase
{
    /** @return iterable<string, array{array<string, mixed>}> */
    public static function cases(): iterable
    {
        $cases = json_decode((string) file_get_contents(__DIR__.'/data/flow-filter.json'), true);
        foreach (is_array($cases) ? $cases : [] as $case) {
            yield (string) $case['id'] => [$case];
        }
    }

    /** @param  array<string, mixed>  $case */
    #[DataProvider('cases')]
    public function test_it_agrees_with_the_other_implementation(array $case): void
    {
        $want = $case['expect'];
        $got = (new FlowCalculation)->run(Fields::of($case['input']));
        self::assertEqualsWithDelta($want['p_over'], $got['p_over'], 0.0001);
        self::assertEqualsWithDelta($want['p_resumes_10d'], $got['p_resumes_10d'], 0.0001);
        self::assertSame($want['phase'], $got['phase']);
        self::assertSame($want['ended'], $got['ended']);
        self::assertEqualsWithDelta($want['next5_kg'], $got['next5_kg'], 0.006);
        self::assertEqualsWithDelta($want['manipulations'], array_map(
            static fn (array $one): array => ['at' => $one['at'], 'step_kg' => $one['step_kg']],
            $got['manipulations'],
        ), 0.006);
        self::assertSame($want['first_reason']['key'], $got['reasons'][0]['key']);
        self::assertEqualsWithDelta($want['first_reason']['log_odds'], $got['reasons'][0]['log_odds'], 1e-6);
        foreach ($got['days'] as $day) {
            self::assertEqualsWithDelta(1.0, array_sum($day['p']), 1e-9);
        }
    }
}
