<?php

declare(strict_types=1);

namespace App\Pages\Rounds;

use App\Drawing\Canvas;
use App\Drawing\Picture;
use App\Foundation\Units\Formatter;
use App\Words\Wording;
use DateTimeImmutable;
use Marjoram\Core\Rounds\DayLoad;
use Marjoram\Core\Rounds\Visit;
use Marjoram\Core\Rounds\WorkDay;
use Marjoram\Core\Rounds\YardToFetch;

/**
 * The days of a schedule across, its yards down: weather and the crew's time above, visits and boards' nights below.
 */
final readonly class SchedulePicture
{
    private const LEFT = 128.0;

    private const WIDTH = 720.0;

    private const TOP = 148.0;

    private const ROW = 44.0;

    public function __construct(private Formatter $format, private Wording $say)
    {
    }

    public function of(ScheduleState $state, ?DayLoad $chosen): Picture
    {
        $days = $state->question->days;
        $wide = (self::WIDTH - self::LEFT) / count($days);
        $height = self::TOP + self::ROW * count($state->question->yards) + 8.0;
        $canvas = new Canvas;
        self::labels($canvas);
        foreach ($days as $d => $day) {
            $load = $state->plan->days[$d];
            $isChosen = $chosen !== null && $chosen->date == $day->date;
            $column = new DayColumn(self::LEFT + $d * $wide, $wide, $height, $isChosen, $d === 0);
            $this->day($canvas, $state, $day, $load, $column);
        }
        $this->yards($canvas, $state, $wide);
        foreach ($state->plan->visits as $part => $visit) {
            $this->visit($canvas, $state, $visit, $part, $wide);
        }
        $more = ['data-left' => self::LEFT, 'data-wide' => round($wide, 3), 'data-view' => self::WIDTH];
        $label = __('Days and visits of the schedule');

        return new Picture(self::WIDTH, $height, $canvas->shapes(), $label, 'chart round', true, $more);
    }

    private static function labels(Canvas $canvas): void
    {
        $labels = [
            __('warmest, rain') => 46.0,
            __('crew time') => 66.0,
            __('boards out') => 92.0,
            __('supers held') => 112.0,
            __('yards in dearth') => 132.0,
        ];
        foreach ($labels as $words => $y) {
            $canvas->text('t12 soft', 0.0, $y, $words);
        }
    }

    private function day(Canvas $canvas, ScheduleState $state, WorkDay $day, DayLoad $load, DayColumn $column): void
    {
        if ($column->chosen) {
            $canvas->rect('selw on', $column->x, 0.0, $column->wide, $column->height);
        }
        if ($day->isOff()) {
            $canvas->rect('wk', $column->x, 0.0, $column->wide, $column->height);
        }
        $canvas->line('rl', $column->x, 0.0, $column->x, $column->height);
        $this->head($canvas, $state, $day, $load, $column);
        $degrees = Formatter::number($this->format->temperatureValue($day->sky->maxC), 0).'°';
        $canvas->text('t12 wx', $column->middle(), 40.0, $degrees, 'middle')
            ->text('t12 wx', $column->middle(), 52.0, round(100.0 * $day->sky->rainP).' %', 'middle');
        if (! $day->isOff()) {
            self::crewTime($canvas, $load->minutes() / $day->crewMin, $column);
        }
        $place = (int) $state->question->dayAt($day->date);
        $isDearth = static fn (YardToFetch $yard): bool => $state->question->sky($yard, $place)->dearth;
        $counts = [
            92 => $load->boardsOut,
            112 => $load->heldSupers > 0.05 ? (int) round($load->heldSupers) : 0,
            132 => count(array_filter($state->question->yards, $isDearth)),
        ];
        foreach ($counts as $y => $count) {
            if ($count > 0) {
                $canvas->text('t12', $column->middle(), (float) $y, (string) $count, 'middle');
            }
        }
    }

    private function head(Canvas $canvas, ScheduleState $state, WorkDay $day, DayLoad $load, DayColumn $column): void
    {
        $said = [
            'used' => round($load->minutes()),
            'all' => round($day->crewMin),
            'in' => round($load->supersIn),
        ];
        $label = $this->format->weekday($day->date).': '
            .($day->isOff() ? __('day off') : __(':used of :all minutes, :in supers in', $said));
        $number = $column->first || $day->date->format('j') === '1'
            ? $this->format->day($day->date)
            : $day->date->format('j');
        $weekday = $column->wide > 30.0 ? __($day->date->format('D')) : '';
        $inside = static fn (Canvas $canvas) => $canvas->title($label)
            ->rect('hit', $column->x, 0.0, $column->wide, 28.0)
            ->text('t12 soft', $column->middle(), 10.0, $weekday, 'middle')
            ->text('t13 b', $column->middle(), 24.0, $number, 'middle');
        $date = ['day' => $day->date->format('Y-m-d')];
        $href = route('clear.rounds.show', [$state->schedule->id, ...$date], false);
        $canvas->link($href, $label, $inside, $column->chosen ? ['aria-current' => 'true'] : []);
    }

    private static function crewTime(Canvas $canvas, float $used, DayColumn $column): void
    {
        $bar = $column->wide - 6.0;
        $canvas->rect('fbar pr', $column->x + 3.0, 56.0, $bar, 12.0)
            ->rect('mbar', $column->x + 3.0, 56.0, $bar * min(1.0, $used), 12.0);
        if ($used > 1.0 + 1e-6) {
            $canvas->text('t12 b danger', $column->middle(), 66.0, '!', 'middle');
        }
    }

    private function yards(Canvas $canvas, ScheduleState $state, float $wide): void
    {
        $days = array_map(static fn (WorkDay $day): DateTimeImmutable => $day->date, $state->question->days);
        $window = new DayWindow($days, self::LEFT, $wide);
        foreach ($state->schedule->question->yards as $a => $yard) {
            $y = self::TOP + self::ROW * $a;
            $hives = isset($state->plan->notServed[$yard->id])
                ? __('not served')
                : trans_choice('{1} :count hive|[2,*] :count hives', count($yard->hives));
            $supers = trans_choice('{1} :count super|[2,*] :count supers', $yard->supers());
            $name = mb_strimwidth($yard->name, 0, 18, '…');
            $canvas->line('rl', 0.0, $y, self::WIDTH, $y)
                ->text($yard->later ? 't14 b it' : 't14 b', 0.0, $y + 18.0, $name)
                ->text('t12 soft', 0.0, $y + 34.0, "$hives, $supers");
            $window->draw($canvas, $yard->dates, $yard->later, $y, self::ROW);
        }
    }

    private function visit(Canvas $canvas, ScheduleState $state, Visit $visit, int $part, float $wide): void
    {
        $question = $state->question;
        [$first, $last] = [(int) $question->dayAt($visit->first), (int) $question->dayAt($visit->last)];
        $row = (int) $question->yardAt($visit->yard);
        $locked = $state->isLocked($visit);
        $words = $this->words($state, $visit, $locked);
        $x = static fn (int $d): float => self::LEFT + ($d + 0.5) * $wide;
        $y = self::TOP + self::ROW * $row + 10.0;
        $inside = static function (Canvas $canvas) use ($visit, $words, $locked, $x, $y, $first, $last): void {
            $canvas->title($words);
            $visit->places()
                ? self::boards($canvas, $x($first), $x($last), $y)
                : self::open($canvas, Wording::glyph($visit->method), $x($last), $y);
            if ($locked) {
                $shackle = Canvas::at('M', $x($last) + 11.0, $y + 12.0).'v-4a4 4 0 0 1 8 0v4';
                $canvas->path('gs', $shackle)->rect('gf', $x($last) + 9.0, $y + 12.0, 12.0, 8.0);
            }
        };
        $canvas->link('#move', $words, $inside, [
            'class' => 'visit',
            'data-yard' => $visit->yard,
            'data-part' => $part,
            'data-method' => $visit->method->value,
            'data-first' => $first,
            'data-last' => $last,
            'data-dates' => $visit->firstDay().' '.$visit->lastDay(),
        ]);
    }

    private static function boards(Canvas $canvas, float $first, float $last, float $y): void
    {
        $canvas->line('mb ch', $first, $y + 12.0, $last, $y + 12.0)
            ->glyph('v-board', 'gl plan', $first - 9.0, $y + 3.0, 18.0)
            ->rect('crop', $last - 9.0, $y + 5.0, 18.0, 14.0);
    }

    private static function open(Canvas $canvas, string $glyph, float $x, float $y): void
    {
        $canvas->rect('crop', $x - 9.0, $y + 14.0, 18.0, 14.0)->glyph("v-$glyph", 'gl', $x - 9.0, $y - 6.0, 18.0);
    }

    private function words(ScheduleState $state, Visit $visit, bool $locked): string
    {
        $from = $visit->places() ? $this->format->weekday($visit->first).' – ' : '';
        $words = __(':yard by :way: :when', [
            'yard' => $state->schedule->question->nameOf($visit->yard),
            'way' => $this->say->method($visit->method),
            'when' => $from.$this->format->weekday($visit->last),
        ]);

        return $words.($locked ? ', '.__('locked') : '');
    }
}
