<?php

declare(strict_types=1);

namespace Tests\Core;

use DateTimeImmutable;
use Marjoram\Core\Clearing\DayForecast;
use Marjoram\Core\Clearing\MendedVisit;
use Marjoram\Core\Clearing\Mending;
use Marjoram\Core\Clearing\Method;
use Marjoram\Core\Clearing\PlannedVisit;
use Marjoram\Core\Clearing\Trouble;
use PHPUnit\Framework\TestCase;

/** Rain on the day, a day that was missed, boards that are out: what common practice makes of them. */
final class MendingTest extends TestCase
{
    public function test_a_dry_plan_stays_as_it_is(): void
    {
        self::assertSame([], $this->mend([$this->visit('A', Method::Brush, 5), $this->visit('B', Method::EscapeBoard, 6, 8)]));
    }

    public function test_rain_moves_a_visit_to_the_nearest_dry_day_with_time_for_it(): void
    {
        $wet = [5 => 0.9, 6 => 0.7];
        [$one] = $this->mend([$this->visit('A', Method::Brush, 5, wet: $wet)]);
        self::assertSame([Trouble::Rain, '2026-08-05', '2026-08-04'], [$one->why, self::on($one->on), self::on($one->first)]);
        // The fourth is full of another visit, the seventh is the next.
        [$one] = $this->mend([$this->visit('A', Method::Brush, 5, wet: $wet), $this->visit('C', Method::Blower, 4)]);
        self::assertSame('2026-08-07', self::on($one->first));
        // Late is worse than far.
        [$one] = $this->mend([$this->visit('A', Method::Brush, 6, wet: $wet, offBy: 5)]);
        self::assertSame('2026-08-04', self::on($one->first));
        // Two in the rain of one day do not get the same free day.
        $both = $this->mend([$this->visit('A', Method::Brush, 5, wet: $wet), $this->visit('B', Method::Blower, 5, wet: $wet)]);
        self::assertSame(['2026-08-04', '2026-08-07'], array_map(static fn ($one): string => self::on($one->first), $both));
    }

    public function test_boards_are_dry_on_both_days_and_out_no_longer_than_three_nights(): void
    {
        [$one] = $this->mend([$this->visit('A', Method::EscapeBoard, 5, 6, wet: [6 => 0.8])]);
        self::assertSame(['2026-08-05', '2026-08-07'], [self::on($one->first), self::on($one->second)]);
        // They are on: they come in on the driest way out, and never later.
        [$one] = $this->mend([$this->visit('A', Method::EscapeBoard, 3, 5, true, [5 => 0.9])]);
        self::assertSame(['2026-08-03', '2026-08-04'], [self::on($one->first), self::on($one->second)]);
        [$one] = $this->mend([$this->visit('A', Method::EscapeBoard, 3, 5, true, [4 => 0.9, 5 => 0.9, 6 => 0.9])]);
        self::assertNotNull($one->second);
        [$one] = $this->mend([$this->visit('A', Method::EscapeBoard, -3, -1, true)]);
        self::assertSame([Trouble::Missed, '2026-08-04'], [$one->why, self::on($one->second)]);
    }

    public function test_a_day_that_was_missed_is_made_up_for(): void
    {
        [$one] = $this->mend([$this->visit('A', Method::Brush, 1)]);
        self::assertSame([Trouble::Missed, '2026-08-04'], [$one->why, self::on($one->first)]);
        $always = array_fill(1, 20, 0.9);
        [$one] = $this->mend([$this->visit('A', Method::Brush, 1, wet: $always)]);
        self::assertNull($one->first, 'no dry day is known');
    }

    /** Common practice: where hives were robbed, no other day helps, but a method that leaves no honey open. */
    public function test_robbers_want_another_method(): void
    {
        $visit = static fn (Method $method): PlannedVisit => new PlannedVisit(
            'A',
            $method,
            self::day(5),
            null,
            false,
            60.0,
            [],
            robbed: true,
        );
        [$one] = $this->mend([$visit(Method::Brush)]);
        self::assertSame([Trouble::Robbed, null], [$one->why, $one->first]);
        self::assertSame([], $this->mend([$visit(Method::FumeBoard)]));
    }

    public function test_cold_keeps_fume_boards_at_home(): void
    {
        $visit = new PlannedVisit('A', Method::FumeBoard, self::day(5), null, false, 60.0, [
            '2026-08-05' => new DayForecast(self::day(5), 3.0, 9.0, 0.1, 0.5),
        ]);
        self::assertSame(Trouble::Temperature, $this->mend([$visit])[0]->why);
    }

    /**
     * @param  list<PlannedVisit>  $visits
     * @return list<MendedVisit>
     */
    private function mend(array $visits): array
    {
        $crew = [];
        foreach (range(4, 12) as $day) {
            $crew[self::on(self::day($day))] = 100.0;
        }

        return (new Mending)->of($visits, $crew, self::day(4));
    }

    /** @param  array<int, float>  $wet  chance of rain by the day of August */
    private function visit(
        string $id,
        Method $method,
        int $first,
        ?int $second = null,
        bool $boardsOn = false,
        array $wet = [],
        ?int $offBy = null,
    ): PlannedVisit {
        $forecast = [];
        foreach (range(1, 15) as $day) {
            $forecast[self::on(self::day($day))] = new DayForecast(self::day($day), 10.0, 22.0, $wet[$day] ?? 0.1, 0.6);
        }

        return new PlannedVisit(
            $id,
            $method,
            self::day($first),
            $second === null ? null : self::day($second),
            $boardsOn,
            80.0,
            $forecast,
            offBy: $offBy === null ? null : self::day($offBy),
        );
    }

    private static function day(int $ofAugust): DateTimeImmutable
    {
        return (new DateTimeImmutable('2026-08-01'))->modify(($ofAugust - 1).' days');
    }

    private static function on(?DateTimeImmutable $day): string
    {
        return $day?->format('Y-m-d') ?? '';
    }
}
