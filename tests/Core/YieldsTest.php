<?php

declare(strict_types=1);

namespace Tests\Core;

use Marjoram\Core\Yields\YieldRecord;
use Marjoram\Core\Yields\Yields;
use PHPUnit\Framework\TestCase;

final class YieldsTest extends TestCase
{
    public function test_yards_and_hives_as_checked_by_hand(): void
    {
        $records = [
            new YieldRecord('E1', 'Ek', 2025, 'q1', 20.0),
            new YieldRecord('E2', 'Ek', 2025, 'q2', 40.0),
            new YieldRecord('E1', 'Ek', 2026, 'q1', 30.0),
            new YieldRecord('E1', 'Ek', 2026, 'q3', 6.0),
            new YieldRecord('E2', 'Ek', 2026, 'q2', 50.0),
            new YieldRecord('E3', 'Ek', 2026, 'q4', 0.0),
            new YieldRecord('T1', 'Te', 2026, 'q5', 14.0),
        ];
        [$last, $this_] = (new Yields)->byYard($records);
        self::assertSame([2025, 30.0, null], [$last->season, $last->meanKg, $last->changeKg]);
        self::assertSame(
            [3, 2, 86.0, 43.0, 13.0],
            [$this_->hives, $this_->producing, $this_->totalKg, $this_->meanProducingKg, $this_->changeKg],
        );
        self::assertEqualsWithDelta(0.86, $this_->shareOfCrop, 1e-12);
        self::assertSame(['E2', 'E3'], [$this_->best, $this_->worst]);
        $index = (new Yields)->hiveIndex($records);
        // Its peers are the others: E2: 40 - 20 and 50 - (36 + 0) / 2; E1, with two queens in 2026: 20 - 40 and 36 - 25.
        self::assertEqualsWithDelta((20.0 + 32.0) / 2.0, $index['E2']->kg, 1e-9);
        self::assertEqualsWithDelta((-20.0 + 11.0) / 2.0, $index['E1']->kg, 1e-9);
        self::assertArrayNotHasKey('T1', $index);
        self::assertSame('E2', array_key_first($index));
        self::assertSame(2, $index['E1']->seasons);
    }
}
