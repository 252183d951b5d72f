<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Drawing\Canvas;
use App\Drawing\Picture;
use App\Foundation\Units\Formatter;
use App\Models\Schedule;
use App\Models\Schedules\AskedDates;
use App\Models\Schedules\AskedYard;
use App\Models\Schedules\DeadlineReason;
use App\Models\Schedules\ScheduleSettings;
use App\Models\Schedules\Waiting;
use App\Pages\Rounds\BatchPicture;
use App\Pages\Rounds\DayWindow;
use App\Pages\Rounds\DriveSketch;
use App\Pages\Rounds\QuestionReader;
use App\Pages\Rounds\SchedulePicture;
use App\Pages\Rounds\ScheduleState;
use App\Words\Wording;
use DateTimeImmutable;
use DOMDocument;
use DOMElement;
use DOMXPath;
use Illuminate\Support\Facades\Blade;
use Marjoram\Core\Clearing\Method;
use Marjoram\Core\Rounds\Capacity;
use Marjoram\Core\Rounds\Visit;

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
        $page = self::window(new AskedDates(
            self::day(7),
            self::day(9),
            DeadlineReason::ByHand,
            treatment: self::day(12),
            flowEnds: self::day(8),
        ));
        self::assertSame(['140', '60'], $this->attributes($page, '//rect[@class="window"]', ['x', 'width']));
        // The flag stands at the end of the treatment's day, the dearth begins with its first.
        self::assertStringStartsWith('M258', $this->attributes($page, '(//g[@class="flag"])[1]/path', ['d'])[0]);
        self::assertStringStartsWith('M160', $this->attributes($page, '//path[@class="dearth"]', ['d'])[0]);
        self::assertStringContainsString('L300 ', $this->attributes($page, '//path[@class="dearth"]', ['d'])[0]);
        // What lies outside of the days is drawn at their ends: before them from the first, after them not at all.
        $outside = self::window(new AskedDates(
            self::day(1),
            self::day(50),
            DeadlineReason::ByHand,
            treatment: self::day(50),
            flowEnds: self::day(-12),
        ), true);
        self::assertSame(['100', '200'], $this->attributes($outside, '//rect[@class="window later"]', ['x', 'width']));
        self::assertSame(0, ($outside->query('//g[@class="flag"]') ?: [])->length);
        self::assertSame(1, ($outside->query('//path[@class="dearth"]') ?: [])->length);
        $bare = self::window(new AskedDates(
            self::day(5),
            self::day(6),
            DeadlineReason::ByHand,
            flowEnds: self::day(60),
        ));
        self::assertSame(0, ($bare->query('//path') ?: [])->length);
    }

    public function test_visits_boards_and_locks_stand_on_their_days(): void
    {
        $state = ScheduleState::of($this->schedule());
        $page = $this->parse(self::svg(self::picture()->of($state, $state->plan->days[3])));
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
        self::assertStringContainsString(
            'L'.$middle(3),
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
        $hives = $state->question->yards[0]->hives;
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
        $state = ScheduleState::of($this->schedule());
        $page = $this->parse(self::svg(self::picture()->of($state, null)));
        $off = count(array_filter($state->question->days, static fn ($day): bool => $day->crewMin <= 0.0));
        self::assertGreaterThan(0, $off);
        self::assertCount($off, $page->query('//rect[@class="wk"]') ?: []);
        $bars = $page->query('//rect[@class="mbar"]') ?: [];
        self::assertCount(self::DAYS - $off, $bars);
        $busy = $state->plan->days[5];
        $used = $busy->minutes() / $state->question->days[5]->crewMin;
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
        $state = ScheduleState::of($this->schedule());
        $page = $this->parse(self::svg((new DriveSketch)->of($state, $state->plan->days[5])));
        self::assertSame(
            ['Ekbacken', 'Tegelbruket', 'Skolgården'],
            array_values(array_unique(array_map(
                static fn (AskedYard $yard): string => $yard->place->name,
                $state->schedule->question->yards,
            ))),
        );
        self::assertCount(3, $page->query('//circle') ?: []);
        self::assertCount(
            1,
            array_filter(
                $this->texts($page, null, 0.0),
                static fn (DOMElement $text): bool => $text->textContent === '1',
            ),
        );
        self::assertSame([[$state->schedule->question->yards[1]]], $state->drive($state->plan->days[5]));
        self::assertStringContainsString('honey room', (string) $page->document->textContent);
        self::assertCount(
            0,
            $this->parse(self::svg((new DriveSketch)->of($state, null)))->query('//path[@class="mline"]') ?: [],
        );
    }

    public function test_before_a_plan_the_days_of_each_batch_are_drawn(): void
    {
        $reader = app(QuestionReader::class);
        $batches = $reader->batches((new ScheduleSettings)->asking(self::DAYS, Waiting::Own))->in;
        $page = $this->parse(self::svg((new BatchPicture(new Formatter))->of($batches, $reader->days(self::DAYS))));
        self::assertCount(count($batches) - 1, $page->query('//rect[@class="window"]') ?: []);
        self::assertCount(1, $page->query('//rect[@class="window later"]') ?: []);
        self::assertStringContainsString('Skolgården, later', (string) $page->document->textContent);
        self::assertStringContainsString('7 supers', (string) $page->document->textContent);
    }

    /** Ekbacken by boards from the second day to the fourth, locked; Tegelbruket brushed on the sixth. */
    private function schedule(): Schedule
    {
        $settings = new ScheduleSettings(
            self::DAYS,
            [300, 300, 300, 300, 300, 480, 0],
            new Capacity(60.0, 90.0),
            20,
        );
        $asked = app(QuestionReader::class)->ask($settings);
        [$first, $second] = $asked->yards;
        $day = static fn (int $i): DateTimeImmutable => $asked->days[$i]->weather->date;
        $boards = new Visit($first->id, count($first->hives), Method::EscapeBoard, $day(1), $day(3));
        $brush = new Visit($second->id, count($second->hives), Method::Brush, $day(5), $day(5));

        return Schedule::query()->create([
            'name' => 'R',
            'starts_on' => $day(0),
            'settings' => $settings,
            'question' => $asked,
            'visits' => [$boards, $brush],
            'locks' => [$boards],
        ]);
    }

    private static function day(int $day): DateTimeImmutable
    {
        return new DateTimeImmutable('2026-08-01 '.sprintf('%+d days', $day - 1));
    }

    /** Ten days from 5 August, drawn 20 wide from 100. */
    private static function window(AskedDates $dates, bool $later = false): DOMXPath
    {
        $canvas = new Canvas;
        (new DayWindow(array_map(self::day(...), range(5, 14)), 100.0, 20.0))->draw($canvas, $dates, $later, 0.0, 44.0);

        return self::parse(self::svg(new Picture(720.0, 44.0, $canvas->shapes(), 'x')));
    }

    private static function picture(): SchedulePicture
    {
        return new SchedulePicture(new Formatter, Wording::forPrograms());
    }

    private static function svg(?Picture $picture): string
    {
        return $picture === null ? '' : Blade::render('<x-drawing.picture :of="$of" />', ['of' => $picture]);
    }

    private static function parse(string $svg): DOMXPath
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
