<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Schedule;
use App\Rounds\BatchPicture;
use App\Rounds\DayWindow;
use App\Rounds\DriveSketch;
use App\Rounds\QuestionReader;
use App\Rounds\SchedulePicture;
use App\Rounds\ScheduleState;
use App\Support\Units\Formatter;
use DOMDocument;
use DOMElement;
use DOMXPath;

/** What is drawn of a plan stands where its days and yards are. */
final class RoundPicturesTest extends FeatureTestCase
{
    private const LEFT = 128.0;

    private const DAYS = 10;

    private const WIDE = (720.0 - self::LEFT) / self::DAYS;

    protected function setUp(): void
    {
        parent::setUp();
        $this->as('keeper')->demo();
    }

    public function test_a_window_reaches_from_the_first_day_to_the_last(): void
    {
        $dates = array_map(static fn (int $day): string => sprintf('2026-08-%02d', $day), range(5, 14));
        $window = new DayWindow($dates, 100.0, 20.0);
        $page = $this->parse(
            $window->svg(
                [
                    'ready' => '2026-08-07',
                    'deadline' => '2026-08-09',
                    'treatment' => '2026-08-12',
                    'flow_ends' => '2026-08-08',
                ],
                0.0,
                44.0,
            ),
        );
        self::assertSame(['140.0', '60.0'], $this->attributes($page, '//rect[@class="window"]', ['x', 'width']));
        // The flag stands at the end of the treatment's day, the drooping flower at the beginning of the dearth.
        self::assertStringStartsWith('M258.0', $this->attributes($page, '(//g[@class="flag"])[1]/path', ['d'])[0]);
        self::assertStringStartsWith('M160.0', $this->attributes($page, '//path[@class="dearth"]', ['d'])[0]);
        self::assertStringContainsString('H300.0', $this->attributes($page, '//path[@class="dearth"]', ['d'])[0]);
        // What lies outside of the days is drawn at their ends: before them from the first, after them not at all.
        $outside = $this->parse(
            $window->svg(
                [
                    'ready' => '2026-08-01',
                    'deadline' => '2026-09-20',
                    'treatment' => '2026-09-20',
                    'flow_ends' => '2026-07-20',
                    'later' => true,
                ],
                0.0,
                44.0,
            ),
        );
        self::assertSame(
            ['100.0', '200.0'],
            $this->attributes($outside, '//rect[@class="window later"]', ['x', 'width']),
        );
        self::assertSame(0, ($outside->query('//g[@class="flag"]') ?: [])->length);
        self::assertSame(1, ($outside->query('//path[@class="dearth"]') ?: [])->length);
        self::assertSame(
            0,
            (
                $this->parse(
                    $window->svg(
                        ['ready' => '2026-08-05', 'deadline' => '2026-08-06', 'flow_ends' => '2026-10-01'],
                        0.0,
                        44.0,
                    ),
                )->query('//path') ?:
                []
            )->length,
        );
    }

    public function test_visits_boards_and_locks_stand_on_their_days(): void
    {
        $state = ScheduleState::of($this->round());
        $page = $this->parse((new SchedulePicture(new Formatter))->svg($state, 3));
        $visits = $page->query('//a[@class="visit"]') ?: [];
        self::assertCount(2, $visits);
        $boards = $visits->item(0);
        self::assertInstanceOf(DOMElement::class, $boards);
        self::assertSame(
            ['1', '3', '0'],
            [
                $boards->getAttribute('data-first'),
                $boards->getAttribute('data-last'),
                $boards->getAttribute('data-part'),
            ],
        );
        $middle = static fn (int $day): string => sprintf('%.1f', self::LEFT + ($day + 0.5) * self::WIDE);
        self::assertStringStartsWith(
            'M'.$middle(1),
            $this->attributes($page, '(//a[@class="visit"])[1]/path', ['d'])[0],
        );
        self::assertStringEndsWith(
            'H'.$middle(3),
            $this->attributes($page, '(//a[@class="visit"])[1]/path', ['d'])[0],
        );
        self::assertStringContainsString('locked', $boards->getAttribute('aria-label'));
        $brush = $visits->item(1);
        self::assertInstanceOf(DOMElement::class, $brush);
        self::assertStringNotContainsString('locked', $brush->getAttribute('aria-label'));
        self::assertEqualsWithDelta(
            (float) $middle(5) - 9.0,
            (float) $this->attributes($page, '(//a[@class="visit"])[2]//rect[@class="crop"]', ['x'])[0],
            0.11,
        );
        // The boards are out on three days and counted on each.
        $hives = $state->task->yards[0]->hives;
        self::assertSame(
            array_fill(0, 3, (string) $hives),
            array_map(static fn (DOMElement $text): string => $text->textContent, $this->texts($page, '92', self::LEFT)),
        );
        // Both yards' flow is over: two in dearth on every day.
        self::assertSame(
            array_fill(0, self::DAYS, '2'),
            array_map(
                static fn (DOMElement $text): string => $text->textContent,
                $this->texts($page, '132', self::LEFT),
            ),
        );
    }

    public function test_the_crews_day_fills_with_its_minutes_and_a_day_off_has_none(): void
    {
        $state = ScheduleState::of($this->round());
        $page = $this->parse((new SchedulePicture(new Formatter))->svg($state, null));
        $off = count(array_filter($state->task->days, static fn ($day): bool => $day->crewMin <= 0.0));
        self::assertGreaterThan(0, $off);
        self::assertCount($off, $page->query('//rect[@class="wk"]') ?: []);
        $bars = $page->query('//rect[@class="mbar"]') ?: [];
        self::assertCount(self::DAYS - $off, $bars);
        $busy = $state->plan->days[5];
        $used = ($busy['travel'] + $busy['work']) / $state->task->days[5]->crewMin;
        $widths = array_map(
            static fn (DOMElement $bar): float => (float) $bar->getAttribute('width'),
            iterator_to_array($bars),
        );
        self::assertContains(
            round(min(1.0, $used) * (self::WIDE - 6.0), 1),
            array_map(static fn (float $width): float => round($width, 1), $widths),
        );
    }

    public function test_the_sketch_shows_each_place_once_and_the_days_order(): void
    {
        $state = ScheduleState::of($this->round());
        $page = $this->parse((new DriveSketch)->svg($state, 5));
        self::assertSame(
            ['Ekbacken', 'Tegelbruket', 'Skolgården'],
            array_values(array_unique(array_column($state->round->task['yards'], 'place'))),
        );
        self::assertCount(3, $page->query('//circle') ?: []);
        self::assertCount(
            1,
            array_filter(
                $this->texts($page, null, 0.0),
                static fn (DOMElement $text): bool => $text->textContent === '1',
            ),
        );
        self::assertSame([[1]], $state->drive(5));
        self::assertStringContainsString('honey room', (string) $page->document->textContent);
        self::assertCount(
            0,
            $this->parse((new DriveSketch)->svg($state, null))->query('//path[@class="mline"]') ?: [],
        );
    }

    public function test_before_a_plan_the_days_of_each_batch_are_drawn(): void
    {
        [$batches] = app(QuestionReader::class)->batches(self::DAYS, 'own');
        $page = $this->parse(
            (new BatchPicture(new Formatter))->svg($batches, app(QuestionReader::class)->dates(self::DAYS)),
        );
        self::assertCount(count($batches) - 1, $page->query('//rect[@class="window"]') ?: []);
        self::assertCount(1, $page->query('//rect[@class="window later"]') ?: []);
        self::assertStringContainsString('Skolgården, later', (string) $page->document->textContent);
        self::assertStringContainsString('7 supers', (string) $page->document->textContent);
    }

    /** Ekbacken by boards from the second day to the fourth, locked; Tegelbruket brushed on the sixth. */
    private function round(): Schedule
    {
        $settings = [
            'days' => self::DAYS,
            'crew_min' => [300, 300, 300, 300, 300, 480, 0],
            'truck_supers' => 60,
            'hold_supers' => 90,
            'held_supers' => 0,
            'extract_supers' => 20,
            'split' => false,
            'later' => 'own',
        ];
        $task = app(QuestionReader::class)->ask($settings);
        $dates = array_column($task['days'], 'date');
        $boards = [
            'yard' => (string) $task['yards'][0]['id'],
            'hives' => (int) $task['yards'][0]['hives'],
            'way' => 'escape',
            'first' => $dates[1],
            'last' => $dates[3],
        ];
        $brush = [
            'yard' => (string) $task['yards'][1]['id'],
            'hives' => (int) $task['yards'][1]['hives'],
            'way' => 'brush',
            'first' => $dates[5],
            'last' => $dates[5],
        ];

        return Schedule::query()->create([
            'name' => 'R',
            'starts_on' => $dates[0],
            'settings' => $settings,
            'task' => $task,
            'services' => [$boards, $brush],
            'locks' => [$boards],
        ]);
    }

    private function parse(string $svg): DOMXPath
    {
        $document = new DOMDocument;
        $document->loadXML((string) preg_replace('/&(?!(amp|lt|gt|quot|#\d+);)/', '&amp;', "<body>$svg</body>"));

        return new DOMXPath($document);
    }

    /**
     * @param  list<string>  $names
     * @return list<string>
     */
    private function attributes(DOMXPath $page, string $path, array $names): array
    {
        $found = ($page->query($path) ?: null)?->item(0);
        self::assertInstanceOf(DOMElement::class, $found, $path);

        return array_map(static fn (string $name): string => $found->getAttribute($name), $names);
    }

    /** @return list<DOMElement> texts of a line, right of the labels */
    private function texts(DOMXPath $page, ?string $y, float $right): array
    {
        $all = array_filter(
            iterator_to_array($page->query('//text') ?: []),
            static fn ($text): bool => $text instanceof DOMElement &&
                ($y === null || $text->getAttribute('y') === $y) &&
                (float) $text->getAttribute('x') >= $right,
        );

        return array_values($all);
    }
}
