<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Apiary\Operation\CurrentOperation;
use App\Apiary\Overview\Task;
use App\Foundation\Sheets\CsvText;
use App\Models\Apiary;
use App\Models\Bloom;
use App\Models\Colony;
use App\Models\Hive;
use App\Pages\Compare\Queens\MeritReader;
use App\Pages\Compare\SeasonBook;
use App\Pages\Desk\SummaryReader;
use App\Pages\Watch\Blooms\BloomCalendar;
use App\Pages\Watch\Blooms\Plants;
use App\Pages\Watch\Chart\Span;
use App\Pages\Watch\Chart\Window;
use App\Pages\Watch\Scales\Moments;
use DateTimeImmutable;
use DateTimeZone;
use Marjoram\Core\Yields\Merit\YieldScale;
use PHPUnit\Framework\Attributes\TestWith;

/** Blooms, what the flow calls for, the windows of the chart, and what Compare counts. */
final class WatchTest extends FeatureTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->demo();
        $this->as('keeper');
    }

    public function test_a_bloom_is_one_record_a_plant_and_season_and_its_usual_time_is_learnt(): void
    {
        $yard = Apiary::query()->where('slug', 'ekbacken')->firstOrFail();
        foreach ([['began', '2026-07-28'], ['ended', '2026-08-03']] as [$what, $on]) {
            $this->send('POST', '/watch/ekbacken/blooms', ['plant' => 'clover', 'what' => $what, 'on' => $on])->assertStatus(303);
        }
        $clover = Bloom::query()->where('plant', 'Clover')->get();
        self::assertCount(1, $clover);
        self::assertSame(['2026-07-28', '2026-08-03'], [
            $clover[0]?->began_on?->format('Y-m-d'),
            $clover[0]?->ended_on?->format('Y-m-d'),
        ]);
        $this->send('POST', '/watch/ekbacken/blooms', ['plant' => 'Clover', 'what' => 'ended', 'on' => '2026-07-01'])
            ->assertStatus(422);
        $lime = array_values(array_filter(
            app(BloomCalendar::class)->of($yard),
            static fn ($one): bool => $one->plant === 'Lime',
        ))[0] ?? self::fail('There is no lime.');
        self::assertSame(
            [3, '2026-06-30', '2026-07-06', true],
            [$lime->seasons, $lime->earliest->format('Y-m-d'), $lime->latest->format('Y-m-d'), $lime->here],
        );
        self::assertGreaterThan(10.0, $lime->keptKg);
        $this->get('/watch/ekbacken')->assertSee('usually begins 30 Jun to 6 Jul')->assertSee('began 28 Jul');
        // At a yard that has noted nothing, what the others know.
        $this->get('/watch/skolgarden')->assertSee('at your other yards');
        self::assertSame('Clover', Plants::of(55.8, 'baltic-south', ['Clover'])[0]);
        self::assertContains('Canola', Plants::of(-37.0, null, []));
        self::assertContains('Basswood', Plants::of(45.0, 'upper-midwest', []));
    }

    public function test_the_desk_says_what_the_flow_calls_for(): void
    {
        $words = array_map(
            static fn (Task $task): string => "$task->yard: $task->words",
            app(SummaryReader::class)->read()->tasks(),
        );
        self::assertContains('ekbacken: flow ended about 26 Jul', $words);
        self::assertContains('skolgarden: the flow is slowing: inspect the supers', $words);
        self::assertNotSame([], preg_grep('/^norra-heden: time for another super on /', $words));
    }

    #[TestWith(['2026-08-04', Span::Day, '2026-08-04', '2026-08-05'])]
    #[TestWith(['2026-08-04', Span::Week, '2026-07-30', '2026-08-10'])]
    #[TestWith(['2026-08-04', Span::Month, '2026-07-11', '2026-08-12'])]
    #[TestWith(['2026-08-04', Span::Season, '2026-03-01', '2026-11-01'])]
    #[TestWith(['2026-03-29', Span::Day, '2026-03-29', '2026-03-30'])]
    public function test_windows_begin_and_end_at_midnights(string $on, Span $span, string $from, string $to): void
    {
        $zone = new DateTimeZone('Europe/Stockholm');
        $window = Window::about(new DateTimeImmutable("$on 13:20", $zone), $span, false);
        self::assertSame([$from, $to], [$window->from->format('Y-m-d'), $window->to->format('Y-m-d')]);
        self::assertSame('00:00', $window->to->format('H:i'));
        self::assertTrue($window->holds(new DateTimeImmutable("$on 23:59", $zone)));
        self::assertEqualsWithDelta(1.0, $window->share($window->to), 1e-12);
        // Summer time: a day of 23 hours is one.
        self::assertCount((int) round($window->seconds() / 86400), $window->days());
    }

    public function test_the_south_has_its_season_over_the_turn_of_the_year(): void
    {
        $zone = new DateTimeZone('Australia/Melbourne');
        $window = Window::about(new DateTimeImmutable('2026-11-20', $zone), Span::Season, true);
        self::assertSame([2027, '2026-09-01', '2027-05-01'], [
            $window->season,
            $window->from->format('Y-m-d'),
            $window->to->format('Y-m-d'),
        ]);
    }

    #[TestWith(['41,5', 41.5])]
    #[TestWith(['41.5 kg', 41.5])]
    #[TestWith(['1.234,5', 1234.5])]
    #[TestWith(['1,234.5', 1234.5])]
    #[TestWith(["1'234.5", 1234.5])]
    #[TestWith(['1 234,5', 1234.5])]
    #[TestWith(['-0,4', -0.4])]
    #[TestWith(['91.5 lbs', 91.5])]
    #[TestWith(['', null])]
    #[TestWith(['n/a', null])]
    #[TestWith(['12:30', null])]
    public function test_numbers_as_files_write_them(string $cell, ?float $number): void
    {
        self::assertSame($number, CsvText::number($cell));
    }

    #[TestWith(['2026-07-01T14:00:00+02:00', '', 'dmy', '2026-07-01T12:00:00'])]
    #[TestWith(['2026-07-01 14:00', '', 'mdy', '2026-07-01T12:00:00'])]
    #[TestWith(['01.07.2026', '14:00', 'dmy', '2026-07-01T12:00:00'])]
    #[TestWith(['7/1/26', '2:00 PM', 'mdy', '2026-07-01T12:00:00'])]
    #[TestWith(['1/7/2026 12:00 am', '', 'dmy', '2026-06-30T22:00:00'])]
    #[TestWith(['2026/07/01', '', 'dmy', '2026-07-01T10:00:00'])]
    #[TestWith(['1782907200', '', 'dmy', '2026-07-01T12:00:00'])]
    #[TestWith(['31/02/2026 12:00', '', 'dmy', null])]
    #[TestWith(['01/07/2026 25:00', '', 'dmy', null])]
    #[TestWith(['yesterday', '', 'dmy', null])]
    public function test_moments_as_files_write_them(string $cell, string $time, string $order, ?string $utc): void
    {
        $moments = new Moments($order, new DateTimeZone('Europe/Stockholm'));
        $at = $moments->read($cell, $time)?->setTimezone(new DateTimeZone('UTC'));
        self::assertSame($utc, $at?->format('Y-m-d\TH:i:s'));
    }

    public function test_a_hive_that_gave_nothing_counts_and_one_that_was_not_there_does_not(): void
    {
        $before = app(MeritReader::class)->crops()->where('season', 2025)->where('slug', 'ekbacken');
        $hive = Hive::query()->where('code', 'E9')->firstOrFail();
        self::assertFalse($before->contains('hive', 'E9'));
        // It lived there all along, and nobody took anything.
        Colony::query()->where('hive_id', $hive->id)->update(['started_on' => '2024-04-01']);
        $lived = (new SeasonBook(app(CurrentOperation::class)))->lived();
        $of = array_filter($lived, static fn (array $one): bool => $one['code'] === 'E9');
        self::assertEqualsCanonicalizing([2024, 2025, 2026], array_column($of, 'season'));
    }

    public function test_the_kept_merits_are_those_of_the_core(): void
    {
        $merits = app(MeritReader::class)->of(YieldScale::Log);
        self::assertNotNull($merits);
        self::assertTrue($merits->isAnyDifferenceSeen());
        self::assertSame(YieldScale::Log, app(MeritReader::class)->proposed());
        $page = $this->get('/compare/queens')->assertOk();
        $best = $merits->all[0];
        $page->assertSee($best->queen);
        $this->get('/compare/queens?scale=kg')->assertOk()->assertSee('Kilograms are compared directly');
        $this->get('/compare?season=2026&hive=E3')->assertSee('years before')->assertSee('buckets');
    }
}
